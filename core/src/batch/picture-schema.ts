import { SCHEMA_VERSION } from "../simulate/schema-version";
import { z } from "../units/zod";
import { AtMs } from "../units/text-schema";

const Id = z.string().min(1).max(80);
/** Of about half a megabyte; what is taken with a camera is shrunk to far less. */
const MOST_BASE64 = 700_000;
/** How every JPEG begins, so written: what is no picture is none by another name. */
const JPEG_BEGINS = "/9j/";

/** A picture of a pot, shrunk, without what a camera writes beside it. */
export const PictureSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  id: Id,
  batchId: Id,
  /** When it was taken, as far as its file says; else when it was put beside the pot. */
  atMs: AtMs,
  widthPx: z.number().int().min(1).max(4096),
  heightPx: z.number().int().min(1).max(4096),
  /** A JPEG, in base64. */
  jpegBase64: z
    .base64()
    .max(MOST_BASE64, "A picture is too large to be kept.")
    .startsWith(JPEG_BEGINS, "This is no JPEG picture."),
});
export type Picture = z.infer<typeof PictureSchema>;
