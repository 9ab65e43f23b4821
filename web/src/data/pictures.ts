import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import type { Picture } from "@kettlos/core/batch/picture-schema";
import { MOST_PICTURES } from "@kettlos/core/units/limits";
import { Problem } from "@kettlos/core/units/problem";
import Dexie, { type Collection } from "dexie";
import { checks } from "./checks";
import { db } from "./db";
import { newId } from "./new-id";
import { writing } from "./writing";

/** Longer edge of a picture as it is kept, px; and what it may weigh: a log of hundreds stays light. */
const EDGE_PX = 1280;
const MOST_BYTES = 240_000;
/** The first of these at which it is light enough. */
const QUALITIES = [0.82, 0.7, 0.55, 0.4, 0.25];

/** Smaller so that its longer edge fits; never larger. */
export function fitted(widthPx: number, heightPx: number): Pick<Picture, "widthPx" | "heightPx"> {
  const by = Math.min(1, EDGE_PX / Math.max(widthPx, heightPx));
  return {
    widthPx: Math.max(1, Math.round(widthPx * by)),
    heightPx: Math.max(1, Math.round(heightPx * by)),
  };
}

/**
 * When a picture was taken: what its file says, where that lies in the pot's own time; else now.
 * @param fileMs of the file's last change
 */
export const takenMs = (fileMs: number, begunMs: number, nowMs: number): number =>
  fileMs >= begunMs && fileMs <= nowMs ? fileMs : nowMs;

const asJpeg = (canvas: HTMLCanvasElement, quality: number): Promise<Blob | null> =>
  new Promise((resolve) => canvas.toBlob(resolve, "image/jpeg", quality));

/**
 * A picture of a file, shrunk to what a log can carry. Drawn anew, it holds nothing that a camera wrote beside
 * it: no place, no device.
 * @throws Problem `unreadable` where the browser cannot read it as a picture
 */
async function shrunk(file: File): Promise<Pick<Picture, "widthPx" | "heightPx" | "jpegBase64">> {
  const none = new Problem(
    "unreadable",
    "picture",
    file.name,
    `${file.name} cannot be read as a picture here. Save it as a JPEG or PNG, and choose that.`,
  );
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (bitmap === null) throw none;
  const { widthPx, heightPx } = fitted(bitmap.width, bitmap.height);
  const canvas = Object.assign(document.createElement("canvas"), {
    width: widthPx,
    height: heightPx,
  });
  const context = canvas.getContext("2d");
  if (context === null) throw none;
  // What lets the ground through stands on white.
  context.fillStyle = "#fff";
  context.fillRect(0, 0, widthPx, heightPx);
  context.imageSmoothingQuality = "high";
  context.drawImage(bitmap, 0, 0, widthPx, heightPx);
  bitmap.close();
  let jpeg: Blob | null = null;
  for (const quality of QUALITIES) {
    jpeg = await asJpeg(canvas, quality);
    if (jpeg !== null && jpeg.size <= MOST_BYTES) break;
  }
  if (jpeg === null) throw none;
  return { widthPx, heightPx, jpegBase64: await base64Of(jpeg) };
}

const base64Of = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () =>
      resolve(typeof reader.result === "string" ? reader.result.replace(/^[^,]*,/, "") : "");
    reader.onerror = () => reject(reader.error ?? new Error("a picture could not be read"));
    reader.readAsDataURL(blob);
  });

/** The pictures of a pot, in the order they were taken. */
export const picturesOf = (batchId: string): Promise<Picture[]> => takenInTurn([batchId]).toArray();
/** The same of several pots, pot after pot. */
export const takenInTurn = (batchIds: readonly string[]): Collection<Picture, string> =>
  db.pictures.where("[batchId+atMs]").inAnyRange(
    batchIds.map((id) => [
      [id, Dexie.minKey],
      [id, Dexie.maxKey],
    ]),
  );

/** Puts a file beside a pot as a picture. @throws Problem where it is none, or the pot has as many as it keeps */
export async function addPicture(
  file: File,
  of: { readonly batchId: string; readonly begunMs: number },
  nowMs: number,
): Promise<void> {
  const { batchId, begunMs } = of;
  const atMs = takenMs(file.lastModified, begunMs, nowMs);
  const made = await shrunk(file);
  const { wholePicture } = await checks();
  const picture = { schemaVersion: SCHEMA_VERSION, id: newId(), batchId, atMs, ...made };
  await keepPicture(wholePicture(picture, file.name));
}

/** @throws Problem `range` where its pot keeps no more, `unknownReference` where it is gone */
export const keepPicture = (picture: Picture): Promise<void> =>
  writing("a picture", () =>
    db.transaction("rw", db.batches, db.pictures, async () => {
      const { batchId } = picture;
      if ((await db.batches.get(batchId)) === undefined)
        throw new Problem(
          "unknownReference",
          "picture",
          batchId,
          "Its pot is not here any more: bring that back first.",
        );
      const there = await db.pictures.where("batchId").equals(batchId).count();
      if (there >= MOST_PICTURES)
        throw new Problem(
          "range",
          "picture",
          there,
          `A pot keeps ${MOST_PICTURES} pictures: take one away first.`,
        );
      await db.pictures.put(picture);
    }),
  );

/** A picture as an image shows it. */
export const srcOf = ({ jpegBase64 }: Pick<Picture, "jpegBase64">): string =>
  `data:image/jpeg;base64,${jpegBase64}`;
