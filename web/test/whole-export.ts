import { readKettlosFile, type KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { everything, writeFile } from "../src/data/file-out";

/** The text of what is written as a file, unpacked where it is compressed. */
export async function textOf(blob: Blob, ending: string): Promise<string> {
  const bytes = new Response(blob).body;
  if (bytes === null) throw new Error("nothing was written");
  return new Response(
    ending === "json.gz" ? bytes.pipeThrough(new DecompressionStream("gzip")) : bytes,
  ).text();
}

/** Everything as one file, written and read back. @returns null where there is no kitchen */
export async function exportAll(): Promise<KettlosFile | null> {
  const all = await everything();
  if (all === null) return null;
  const written = await writeFile(all);
  const reading = readKettlosFile(await textOf(written.blob, written.ending));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  return reading.file;
}
