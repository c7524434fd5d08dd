import { describe, expect, it } from "vitest";

const sources = import.meta.glob<string>("../src/**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
});

describe("the page", () => {
  it("names nothing of the stock: which of it a tool starts with is said by the trade region", () => {
    const named = /"(material|build-up|lens|layer|symbol|clause|string-style|title-block)-[a-z]/;
    const naming = Object.entries(sources)
      .filter(([file, text]) => !file.endsWith("schema.ts") && named.test(text.replace('"symbol-own"', "")))
      .map(([file]) => file);
    expect(Object.keys(sources).length).toBeGreaterThan(100);
    expect(naming).toEqual([]);
  });
});
