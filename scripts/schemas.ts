// Writes the JSON Schema of a Kettlos file from the schemas that check it.
import { kettlosJsonSchema } from "@kettlos/core/formats/json-schema";
import { mkdirSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";

const folder = fileURLToPath(new URL("../docs/schema/", import.meta.url));
mkdirSync(folder, { recursive: true });
writeFileSync(
  `${folder}kettlos-file.schema.json`,
  `${JSON.stringify(kettlosJsonSchema(), null, 2)}\n`,
);
console.log("docs/schema/kettlos-file.schema.json");
