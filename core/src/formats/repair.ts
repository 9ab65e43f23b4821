import type { z } from "../units/zod";

/** What was done to one part of a document to make it whole. */
export interface Repair {
  readonly path: readonly PropertyKey[];
  readonly did: "removed" | "setToUsual";
  /** Why it could not stay as it was. */
  readonly message: string;
}

export type Repaired<T> =
  | { readonly ok: true; readonly value: T; readonly repairs: readonly Repair[] }
  | { readonly ok: false; readonly path: readonly PropertyKey[]; readonly message: string };

const MOST_ROUNDS = 60;

/**
 * Makes a document pass its schema by taking out what does not: a bad entry of a list goes, a bad field
 * gets its usual value (the schema's own, or one of `usual`). Fails where what is wrong cannot be done without. The document itself is not changed.
 */
export function repair<T>(
  schema: z.ZodType<T>,
  document: unknown,
  usual: Readonly<Record<string, unknown>> = {},
): Repaired<T> {
  let value: unknown = structuredClonePlain(document);
  const repairs: Repair[] = [];
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const parsed = schema.safeParse(value);
    if (parsed.success) return { ok: true, value: parsed.data, repairs };
    const [issue] = parsed.error.issues;
    if (issue === undefined) break;
    const { path, message } = issue;
    const entry = path.findLastIndex((key) => typeof key === "number");
    const at = entry >= 0 ? path.slice(0, entry + 1) : path;
    const before = repairs.find((r) => r.did === "setToUsual" && samePath(r.path, path));
    // It cannot be done without: what was wrong with it is why, not that it is missing since.
    if (at.length === 0 || before !== undefined)
      return { ok: false, path, message: before?.message ?? message };
    const [key] = at;
    value =
      at.length === 1 && typeof key === "string" && key in usual && isObject(value)
        ? { ...value, [key]: usual[key] }
        : without(value, at);
    repairs.push({ path: at, did: entry >= 0 ? "removed" : "setToUsual", message });
  }
  return { ok: false, path: [], message: "Too much of it is wrong." };
}

const samePath = (a: readonly PropertyKey[], b: readonly PropertyKey[]): boolean =>
  a.length === b.length && a.every((key, i) => key === b[i]);

const structuredClonePlain = (value: unknown): unknown =>
  value === undefined ? undefined : (JSON.parse(JSON.stringify(value)) as unknown);

const isObject = (value: unknown): value is object =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The value without what stands at the path; an entry of a list leaves no hole. */
function without(value: unknown, path: readonly PropertyKey[]): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return undefined;
  if (Array.isArray(value)) {
    const list = value as unknown[];
    return rest.length === 0
      ? list.filter((_, i) => i !== key)
      : list.map((item, i) => (i === key ? without(item, rest) : item));
  }
  if (typeof value !== "object" || value === null) return undefined;
  const { [key]: gone, ...others } = value as Record<PropertyKey, unknown>;
  return rest.length === 0 ? others : { ...others, [key]: without(gone, rest) };
}
