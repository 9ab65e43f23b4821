import { resolve } from "@kettlos/core/simulate/set-pot";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
// Attacks Kettlos: mutated files, killed browsers, random walks, clocks, the server. Bounded, seeded, on
// loopback only. Writes docs/robustness.md; exits 1 where something that is promised does not hold.
import { answersFor } from "@kettlos/core/because/answers";
import { fold } from "@kettlos/core/batch/fold";
import { CookEventSchema } from "@kettlos/core/events/event-schema";
import { onFire } from "@kettlos/core/batch/on-fire";
import { reportOf } from "@kettlos/core/formats/file-report";
import { readKettlosFile, writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { spawnSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { connect } from "node:net";
import { fileURLToPath } from "node:url";
import { bramholtSample } from "../web/src/sample/bramholt";
import { createApp } from "../server/src/app";
import { listen } from "../server/src/listen";
import { openNasty } from "./attack-screen";
import { mutated, seeded } from "./mutate";

const root = fileURLToPath(new URL("..", import.meta.url));
const FILES = 5000;
const CLOCKS = 2000;
const REQUESTS = 1000;
const CONNECTIONS = 200;
const KILLS = 20;
const WALKS = 5;
const NASTY = 40;

interface Row {
  readonly what: string;
  readonly tries: number;
  readonly promise: string;
  readonly broken: number;
  readonly told: string;
}
const rows: Row[] = [];
const seconds = (fromMs: number) => `${((Date.now() - fromMs) / 1000).toFixed(0)} s`;
function add(row: Row): void {
  rows.push(row);
  console.log(`${row.what}: ${row.tries} tries, ${row.broken} broken. ${row.told}`);
}

/** No figure of a plan that was let in is not a number, and nothing is thrown that is no Problem. */
function isSound(text: string, hour: () => number): "taken" | "refused" | "broken" {
  try {
    const got = reportOf(text);
    if (!got.ok) return got.problems.length > 0 ? "refused" : "broken";
    const { file } = got;
    const back = readKettlosFile(writeKettlosFile(file));
    if (!back.ok || JSON.stringify(back.file) !== JSON.stringify(file)) return "broken";
    for (const plan of file.plans.slice(0, 2)) {
      const answers = answersFor(resolve(plan, file.kitchen), hour);
      if (answers.ok && Number.isNaN(answers.value.figures.strainedL.expected)) return "broken";
    }
    for (const batch of file.batches.slice(0, 1)) {
      const cook = fold(file.events.filter((e) => e.batchId === batch.id));
      onFire(resolve(batch.plan, batch.kitchen), cook, batch.createdMs + 3_600_000);
    }
    return "taken";
  } catch (error) {
    console.error(error);
    return "broken";
  }
}

function files(): void {
  const fromMs = Date.now();
  const random = seeded(1640);
  const sample = bramholtSample(Date.UTC(2026, 2, 18, 19, 14));
  const small = {
    ...sample,
    plans: sample.plans.slice(0, 2),
    batches: sample.batches.slice(0, 1),
    events: sample.events.filter((e) => e.batchId === sample.batches[0]?.id),
    larder: sample.larder.slice(0, 10),
  };
  const example = readFileSync(`${root}examples/goat-braise.json`, "utf8");
  const texts = [writeKettlosFile(small), example];
  const count = { taken: 0, refused: 0, broken: 0 };
  for (let i = 0; i < FILES; i++)
    count[isSound(mutated(texts[i % texts.length] ?? example, random), () => 12)]++;
  add({
    what: "Mutated files",
    tries: FILES,
    promise: "read with a report or refused with a reason; what is taken in reads back the same",
    broken: count.broken,
    told: `${count.taken} taken in as far as whole, ${count.refused} refused, in ${seconds(fromMs)}`,
  });
}

function clocks(): void {
  const fromMs = Date.now();
  const random = seeded(7);
  let broken = 0;
  for (let i = 0; i < CLOCKS; i++) {
    let trueMs = 0;
    let offMs = 1_700_000_000_000;
    const times: number[] = [];
    const events: object[] = [];
    for (let step = 0; step < 6; step++) {
      trueMs += Math.floor(random() * 5 * 3_600_000);
      times.push(trueMs);
      events.push({ kind: "noted", text: "x", atMs: offMs + trueMs });
      const shiftMs = Math.floor((random() - 0.5) * 40 * 3_600_000);
      offMs += shiftMs;
      events.push({ kind: "clockSet", shiftMs, atMs: offMs + trueMs });
    }
    const log = events.map((e, n) =>
      CookEventSchema.parse({ ...e, id: `e${n}`, batchId: "b", schemaVersion: SCHEMA_VERSION }),
    );
    const told = fold(log).notes.map((n, _, all) => n.atMs - (all[0]?.atMs ?? 0));
    if (told.some((ms, n) => ms !== (times[n] ?? 0) - (times[0] ?? 0))) broken++;
  }
  add({
    what: "Clocks set back and ahead while a pot is on",
    tries: CLOCKS,
    promise: "order and durations stay as they were",
    broken,
    told: seconds(fromMs),
  });
}

async function server(): Promise<void> {
  const fromMs = Date.now();
  const { server: http, port } = await listen(createApp(`${root}web/dist`), {
    host: "127.0.0.1",
    port: 0,
    usualPort: 0,
  });
  const random = seeded(12);
  const base = `http://127.0.0.1:${port}`;
  let broken = 0;
  const odd = [
    "{",
    "null",
    '"x"',
    "[]",
    "{}",
    '{"batch":{}}',
    '{"atMs":1e300,"values":{}}',
    "\u0000",
  ];
  const paths = ["pots/p", "pots/%00", "instruments/x", "instruments/..", "instruments/x/samples"];
  for (let i = 0; i < REQUESTS; i++) {
    const path = paths[Math.floor(random() * paths.length)] ?? "";
    const response = await fetch(`${base}/api/${path}`, {
      method: ["PUT", "POST", "DELETE", "GET"][Math.floor(random() * 4)] ?? "GET",
      headers: { "Content-Type": "application/json" },
      ...(random() < 0.1 ? { headers: { Origin: "http://evil.test" } } : {}),
    }).catch(() => null);
    const body = odd[i % odd.length] ?? "";
    const put = await fetch(`${base}/api/${path}`, {
      method: "PUT",
      headers: { "Content-Type": "application/json" },
      body,
    }).catch(() => null);
    for (const answer of [response, put]) {
      const text = (await answer?.text().catch(() => "")) ?? "";
      if (answer === null || answer.status >= 500 || /node_modules|at .*\.(ts|js):/.test(text))
        broken++;
    }
  }
  const sockets = Array.from({ length: CONNECTIONS }, () => connect(port, "127.0.0.1"));
  await new Promise((resolve) => setTimeout(resolve, 1000));
  const alive = await fetch(`${base}/healthz`).catch(() => null);
  if (alive?.status !== 200) broken++;
  for (const socket of sockets) socket.destroy();
  http.close();
  http.closeAllConnections();
  add({
    what: "Odd requests, and idle connections beside them",
    tries: 2 * REQUESTS + CONNECTIONS,
    promise: "answered without a stack and without a fault of the server, which goes on",
    broken,
    told: seconds(fromMs),
  });
}

/** A test runner's own tries under another number of them. */
function run(what: string, tries: number, promise: string, command: string[], env: object): void {
  const fromMs = Date.now();
  const [name = "", ...args] = command;
  const done = spawnSync(`${root}node_modules/.bin/${name}`, args, {
    cwd: root,
    encoding: "utf8",
    env: { ...process.env, NO_COLOR: "1", ...env },
  });
  if (done.status !== 0) console.error(done.stdout.slice(-3000));
  add({ what, tries, promise, broken: done.status === 0 ? 0 : 1, told: seconds(fromMs) });
}

async function nasty(): Promise<void> {
  const fromMs = Date.now();
  const broken = await openNasty(NASTY);
  add({
    what: "Nasty kitchens on the real screen",
    tries: NASTY,
    promise: "no blank screen, no script of theirs runs",
    broken,
    told: seconds(fromMs),
  });
}

const began = Date.now();
files();
clocks();
await server();
await nasty();
run(
  "Random walks of 200 actions through the data",
  WALKS,
  "whatever was written reads back the same",
  ["vitest", "run", "--project", "web apart", "src/data/random-walk.test.ts"],
  { WALKS: String(WALKS) },
);
run(
  "Killed browsers",
  KILLS,
  "nothing that was shown as done is missing",
  ["playwright", "test", "--config", "e2e/playwright.config.ts", "killed"],
  { KILLS: String(KILLS) },
);
const table = rows.map(
  (r) => `| ${r.what} | ${r.tries} | ${r.promise} | ${r.broken} | ${r.told} |`,
);
writeFileSync(
  `${root}docs/robustness.md`,
  `# How sturdy it is

\`npm run attack\` attacks Kettlos with what goes wrong in a kitchen and on a device: files that were mutated, a
browser that is killed, slips of the hand by the hundred, clocks that are set, a server that is spoken to badly.
It is seeded, takes at most ten minutes, speaks to this machine alone, and fails where a promise is broken.

| what | tries | promised | broken | |
| --- | ---: | --- | ---: | --- |
${table.join("\n")}

What one file may hold is limited by the browser's memory alone; figures of a plan that was let in are never
not a number. What a faulty file would lose is said before it is taken in, and what it replaces is kept as a
safety copy.
`,
);
spawnSync(`${root}node_modules/.bin/prettier`, ["--write", `${root}docs/robustness.md`]);
console.log(`docs/robustness.md, in ${seconds(began)}`);
process.exit(rows.every((r) => r.broken === 0) ? 0 : 1);
