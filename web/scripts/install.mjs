// Installs exactly what the lock file says, and only when that has changed since the last time.
import { execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";

const KEPT = "node_modules/.lean-lintel-lock";
const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");

if (existsSync(KEPT) && readFileSync(KEPT, "utf8") === lock) process.exit(0);
execFileSync("npm", ["ci", "--no-audit", "--no-fund"], { stdio: "inherit" });
writeFileSync(KEPT, lock);
