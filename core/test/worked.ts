import { expect } from "vitest";
import { inWords, type Said } from "../src/units/said";

/** A sentence with its quantities apart is held as it is read in metric. */
const isSaid = (value: unknown): value is Said =>
  Array.isArray(value) &&
  value.some((part) => typeof part === "object" && part !== null && "as" in part);

/** Five places: what differs in the sixth is the machine's, not the method's. */
function rounded(value: unknown): unknown {
  if (typeof value === "number")
    return Number.isFinite(value) ? Number(value.toPrecision(5)) + 0 : String(value);
  if (isSaid(value)) return inWords(value, "metric");
  if (Array.isArray(value)) return value.map(rounded);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, rounded(v)]));
}

/**
 * Holds worked figures against the table of them that is kept beside this file, a row a case. A change of the
 * method shows as changed rows, to be read before they are taken (`npx vitest run -u`).
 */
export async function expectWorked(
  name: string,
  rows: readonly (readonly [string, unknown])[],
): Promise<void> {
  const table = rows.map(([row, v]) => `${row}: ${JSON.stringify(rounded(v))}\n`).join("");
  await expect(table).toMatchFileSnapshot(`../../test/worked/${name}.txt`);
}
