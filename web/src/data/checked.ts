import { pathText } from "@kettlos/core/formats/file-problem";
import { Problem } from "@kettlos/core/units/problem";
import type { z } from "@kettlos/core/units/zod";
import { plain } from "./plain";

/**
 * A document as it may be written: plain, whole by its schema, with its names trimmed.
 * @throws Problem `unreadable` naming the field: nothing is written that could not be read again
 */
export function checked<T>(schema: z.ZodType<T>, value: unknown, what: string): T {
  const parsed = schema.safeParse(plain(value));
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  const field = pathText(issue?.path ?? []);
  throw new Problem(
    "unreadable",
    field,
    value,
    `${what} cannot be written like this${field === "" ? "" : ` (${field})`}: ${issue?.message ?? ""}`,
  );
}
