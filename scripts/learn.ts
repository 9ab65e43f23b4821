/** Prints what the log of a Kettlos file teaches: npm run --silent learn -- FILE.json [--text]. */
import type { Batch } from "@kettlos/core/batch/batch-schema";
import { fold } from "@kettlos/core/batch/fold";
import { readKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { nameOfThing, taughtWords, thingWords } from "@kettlos/core/learn/say-taught";
import { whatTaught, wordsOf, type Taught, type WhatTaught } from "@kettlos/core/learn/taught";
import { parseArgs } from "node:util";
import { argumentsBy, refuse, textOf } from "./command-line";

const USAGE = "Usage: npm run --silent learn -- FILE.json [--without POT …] [--text]";
const { values, positionals } = argumentsBy(
  () =>
    parseArgs({
      allowPositionals: true,
      options: {
        text: { type: "boolean", default: false },
        without: { type: "string", multiple: true, default: [] },
      },
    }),
  USAGE,
);
const [path, ...extra] = positionals;
if (path === undefined || extra.length > 0) refuse([USAGE]);
const reading = readKettlosFile(textOf(path));
if (!reading.ok)
  refuse(reading.problems.map((p) => (p.path === "" ? p.message : `${p.path}: ${p.message}`)));
const { file } = reading;
if (file.batches.length === 0) refuse(["batches: No pot is in its log yet."]);
const potOf = new Map(file.batches.map((b) => [b.id, b]));
const unknown = values.without.filter((id) => !potOf.has(id));
if (unknown.length > 0) refuse(unknown.map((id) => `--without: No pot ${id} is in its log.`));

const words = file.batches.map((batch) =>
  wordsOf({ batch, cook: fold(file.events.filter((e) => e.batchId === batch.id)) }),
);
const taught = whatTaught(words, {
  without: new Set(values.without),
  kitchenId: file.kitchen.id,
  ...(file.kitchen.teaching === undefined ? {} : { teaching: file.kitchen.teaching }),
});

/** The last pot that it was seen in says what things are called. */
const nameOf = (value: Taught): string =>
  nameOfThing(value, file.kitchen, (kind) => {
    const batch = potOf.get(value.from.at(-1)?.potId ?? "");
    return batch === undefined ? value.thing : thingWords(kind, batch.plan, batch.kitchen);
  });
const dateOf = (batch: Batch): string => new Date(batch.createdMs).toISOString().slice(0, 10);
const saidOf = (potId: string): string => {
  const batch = potOf.get(potId);
  return batch === undefined ? potId : `${batch.plan.name}, ${dateOf(batch)}`;
};

function asJson(all: WhatTaught) {
  return {
    values: all.values.map((v) => ({ ...v, name: nameOf(v) })),
    kitchen: all.kitchen,
    notUsed: all.notUsed,
  };
}

function asText({ values: all, notUsed }: WhatTaught): string {
  const lines = all.flatMap((v) => {
    return [
      `${nameOf(v)}: ${taughtWords(v)}.`,
      ...v.from
        .filter((f) => f.isWild)
        .map((f) => `  Hardly believed: ${saidOf(f.potId)} (× ${f.factor.toFixed(2)}).`),
    ];
  });
  const none = lines.length === 0 ? ["Nothing is learned from these pots yet."] : [];
  const skipped = notUsed.map(
    ({ potId, kind, why }) =>
      `  ${saidOf(potId)}, ${kind === "steam" ? "steam" : "come-up"}: ${why}.`,
  );
  return `${[...lines, ...none, ...(skipped.length > 0 ? ["Not learned from:", ...skipped] : [])].join("\n")}\n`;
}

process.stdout.write(values.text ? asText(taught) : `${JSON.stringify(asJson(taught), null, 2)}\n`);
