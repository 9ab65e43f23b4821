import { readFileSync } from "node:fs";
import { gunzipSync } from "node:zlib";

const BAD_INPUT = 2;

/** Bad input: each problem on a line of its own, with its path; nothing else is printed. */
export function refuse(lines: readonly string[]): never {
  process.stderr.write(`${lines.join("\n")}\n`);
  process.exit(BAD_INPUT);
}

const GZIP = [0x1f, 0x8b];

/** The text of a file, unpacked where it is compressed (gzip); refused where it cannot be read. */
export function textOf(path: string): string {
  try {
    const bytes = readFileSync(path);
    const isGzip = GZIP.every((byte, i) => bytes[i] === byte);
    return (isGzip ? gunzipSync(bytes) : bytes).toString("utf8");
  } catch {
    return refuse([`${path}: the file cannot be read.`]);
  }
}

/** What an argument reader gives, or the usage. */
export function argumentsBy<T>(read: () => T, usage: string): T {
  try {
    return read();
  } catch (error) {
    return refuse([error instanceof Error ? error.message : String(error), usage]);
  }
}
