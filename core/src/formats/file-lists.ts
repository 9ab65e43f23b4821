import type { KettlosFile } from "./kettlos-json";

/** The lists of a Kettlos file, in the order in which one is written. */
export const FILE_LISTS = [
  "plans",
  "batches",
  "events",
  "pictures",
  "larder",
  "settings",
] as const satisfies readonly (keyof KettlosFile)[];
export type FileList = (typeof FILE_LISTS)[number];
export const isFileList = (name: string): name is FileList =>
  (FILE_LISTS as readonly string[]).includes(name);

/** What stands in a Kettlos file beside its lists. */
export const FILE_FIELDS = [
  "format",
  "schemaVersion",
  "part",
  "exportedAt",
  "kitchen",
  "clock",
] as const satisfies readonly (keyof KettlosFile)[];

/** One entry of a list, as it may be taken in. */
export type FileEntry = {
  [L in FileList]: { readonly list: L; readonly value: KettlosFile[L][number] };
}[FileList];

/** A file without its lists. */
export type FileHead = Pick<KettlosFile, (typeof FILE_FIELDS)[number]>;
