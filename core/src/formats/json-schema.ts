import { z } from "../units/zod";
import { KettlosFileSchema } from "./kettlos-json";

/** JSON Schema (draft 2020-12) of a Kettlos file, made from the schemas that check it. */
export const kettlosJsonSchema = (): object => ({
  ...z.toJSONSchema(KettlosFileSchema, { io: "input" }),
  $id: "kettlos-file.schema.json",
  title: "Kettlos file",
});
