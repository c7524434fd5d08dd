import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: "dist/static", sourcemap: false, chunkSizeWarningLimit: 900 },
  // Some tests turn through minutes of an imagined clock: a slow machine takes its time over that.
  test: { testTimeout: 30_000 },
  server: { proxy: { "/api": "http://127.0.0.1:8460", "/fonts": "http://127.0.0.1:8460" } },
});
