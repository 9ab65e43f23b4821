/** One thing wrong with a file: where, and what would be right. */
export interface FileProblem {
  readonly path: string;
  readonly message: string;
}

/** "plans[0].items[2].massKg" */
export const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) =>
      typeof key === "number"
        ? `${text}[${key}]`
        : text === ""
          ? String(key)
          : `${text}.${String(key)}`,
    "",
  );

/** Larger texts than this no browser holds in one piece. */
const MAX_FILE_CHARACTERS = 500_000_000;

export type ParsedJson =
  | { readonly ok: true; readonly data: unknown }
  | { readonly ok: false; readonly problem: FileProblem };

/** The data of a JSON text, or why it is none. */
export function parseJson(text: string): ParsedJson {
  const refuse = (message: string): ParsedJson => ({ ok: false, problem: { path: "", message } });
  if (text.length > MAX_FILE_CHARACTERS)
    return refuse("The file is larger than 500 MB; it is not read.");
  try {
    return { ok: true, data: JSON.parse(text) };
  } catch (error) {
    return refuse(`This is not JSON: ${error instanceof Error ? error.message : "unreadable"}.`);
  }
}
