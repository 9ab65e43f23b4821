import { FileCheck, type FileReport } from "./file-check";
import { isFileList, type FileList } from "./file-lists";
import { parseJson, type FileProblem } from "./file-problem";
import { headOf, type KettlosFile } from "./kettlos-json";

export type ReportedFile =
  | { readonly ok: true; readonly file: KettlosFile; readonly report: FileReport }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/**
 * Reads the text of a Kettlos JSON file as far as it is whole, all in memory: what is wrong in it is repaired or left
 * out, each with its path and reason. Only a file that is none, of a newer version, or without a kitchen is refused.
 */
export function reportOf(text: string): ReportedFile {
  const parsed = parseJson(text);
  if (!parsed.ok) return { ok: false, problems: [parsed.problem] };
  const problem = headOf(parsed.data);
  if (problem !== null) return { ok: false, problems: [problem] };
  const check = new FileCheck();
  const lists: Pick<KettlosFile, FileList> = {
    ...{ plans: [], batches: [], events: [], pictures: [], larder: [], settings: [] },
  };
  for (const [name, field] of Object.entries(parsed.data as object) as [string, unknown][]) {
    check.field(name, field);
    if (!isFileList(name) || !Array.isArray(field)) continue;
    field.forEach((value: unknown, index) => {
      const entry = check.entry(name, index, value);
      if (entry !== null) (lists[entry.list] as (typeof entry.value)[]).push(entry.value);
    });
  }
  const checked = check.done();
  if (!checked.ok) return checked;
  const isOfBatch = ({ batchId }: { batchId: string }) => check.hasBatch(batchId);
  const file: KettlosFile = {
    ...checked.report.head,
    ...lists,
    events: lists.events.filter(isOfBatch),
    pictures: lists.pictures.filter(isOfBatch),
  };
  return { ok: true, file, report: checked.report };
}
