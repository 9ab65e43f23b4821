import { resolve } from "@kettlos/core/simulate/set-pot";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
// Measures what the project promises about speed; prints figures with their limits.
import { emptyClock } from "@kettlos/core/simulate/clock";
import { ONE_COOK } from "@kettlos/core/simulate/hands";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { fold } from "@kettlos/core/batch/fold";
import { forecastLive } from "@kettlos/core/batch/live-forecast";
import { answersFor } from "@kettlos/core/because/answers";
import { dayOf } from "@kettlos/core/clock/day";
import { solve } from "@kettlos/core/clock/solve";
import { withReadyTimes } from "@kettlos/core/clock/wishes";
import { minuteOf, msOf, wallClock } from "@kettlos/core/clock/wall-clock";
import { convertDish } from "@kettlos/core/because/converted";
import { readKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { Thinner } from "@kettlos/core/instruments/thin";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { simulate } from "@kettlos/core/simulate/simulate";
import { coldWaterKg, waterL } from "@kettlos/core/simulate/stated-water";
import type { Page } from "@playwright/test";
import { spawnSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { cpus } from "node:os";
import { fileURLToPath } from "node:url";
import { bramholtSample } from "../web/src/sample/bramholt";
import { bramholtKitchen } from "../web/src/sample/kitchen";
import { bramholtPlans } from "../web/src/sample/plans";
import { fillClock } from "../web/src/workers/clock-reckoning";
import { benchDraws } from "./bench-draws";
import { benchFloor } from "./bench-floor";
import { benchGrowth } from "./bench-growth";
import { benchOde } from "./bench-ode";
import { benchPages } from "./bench-page";
import { quantile, report, tell, time, told } from "./bench-report";
import { withApplication } from "./browser";

const root = fileURLToPath(new URL("..", import.meta.url));
const reading = readKettlosFile(readFileSync(`${root}examples/lamb-neck-broth.json`, "utf8"));
if (!reading.ok) throw new Error("the example does not read");
const { kitchen, plans } = reading.file;
const sixHours = plans[0];
if (sixHours === undefined) throw new Error("the example has no plan");
if (sixHours.heat.method !== "hob") throw new Error("the example is cooked on the hob");
const dayLong: Plan = { ...sixHours, stop: { by: "time", holdMin: 1440 } };
const tapered: Plan = {
  ...dayLong,
  vesselId: "casserole",
  items: dayLong.items.map((i) => ({ ...i, massKg: i.massKg / 2 })),
  water: { by: "amount", volumeL: 2.5 },
  heat: { ...sixHours.heat, lid: "on" },
};

/** A pot's log with readings of four channels a minute, for longer than a day. */
function dayOfReadings(): readonly CookEvent[] {
  const from = Date.parse("2026-03-18T08:00:00Z");
  const log: object[] = [
    { kind: "lit", atMs: from },
    { kind: "simmers", atMs: from + 45 * 60_000 },
  ];
  for (let minute = 46; log.length < 20_000; minute++) {
    const atMs = from + minute * 60_000;
    const source = "instrument";
    const read = (form: string, value: number) => ({ kind: "read", reading: { form, value } });
    log.push(
      { ...read("liquidDepth", Math.max(0.02, 0.12 - minute * 2e-5)), atMs, source },
      { ...read("potWeight", Math.max(5, 9 - minute * 0.001)), atMs, source },
      { kind: "temperature", where: "liquid", tempC: 92, atMs, source },
      { kind: "temperature", where: "piece", tempC: 90, atMs, source },
    );
  }
  return log.map(
    (part, i) =>
      ({ ...part, id: `e${i}`, batchId: "b", schemaVersion: SCHEMA_VERSION }) as CookEvent,
  );
}

function thinADay(): number {
  const thinner = new Thinner(60_000);
  let kept = 0;
  for (let s = 0; s < 86_400; s++)
    kept += thinner.take({
      atMs: s * 1000,
      values: { liquidC: 92, pieceC: 90, potKg: 9, depthM: 0.1 },
    }).length;
  return kept;
}

/** Puts a day of readings a minute on four channels into the log of the pot that is on the fire. */
const withADay = `new Promise((resolve, reject) => {
  const opening = indexedDB.open("kettlos");
  opening.onerror = () => reject(new Error("cannot open"));
  opening.onsuccess = () => {
    const writing = opening.result.transaction("events", "readwrite");
    const events = writing.objectStore("events");
    const until = Date.now();
    const put = (n, part) => {
      const id = "day-" + n + "-" + (part.where ?? part.reading.form);
      const event = { ...part, id, batchId: "on-fire", schemaVersion: ${SCHEMA_VERSION}, source: "instrument",
        atMs: until - n * 60000 };
      events.add({ id, batchId: "on-fire", event });
    };
    for (let n = 1440; n > 0; n--) {
      put(n, { kind: "read", reading: { form: "liquidDepth", value: 0.095 } });
      put(n, { kind: "read", reading: { form: "potWeight", value: 7.4 } });
      put(n, { kind: "temperature", where: "liquid", tempC: 92 });
      put(n, { kind: "temperature", where: "piece", tempC: 91 });
    }
    writing.oncomplete = () => { opening.result.close(); resolve(undefined); };
  };
})`;

/** As slow as a phone's processor. */
const SLOWED = 4;

/** With --growth alone: logs of growing length; with numbers behind it, of these lengths, without the table. */
const growthAt = process.argv.indexOf("--growth");
if (growthAt > 0) {
  const sizes = process.argv.slice(growthAt + 1).map(Number);
  await benchGrowth(...(sizes.length > 0 ? [sizes] : []));
  process.exit(0);
}
/** With --page alone: what an audit of pages says. */
if (process.argv.includes("--page")) {
  await benchPages();
  process.exit(0);
}
console.log(`${cpus()[0]?.model ?? "unknown processor"}, Node ${process.version}`);
const waterKg = (plan: Plan) => coldWaterKg(waterL(resolve(plan, kitchen)), kitchen);
for (const [name, plan, limit] of [
  ["simulate 6 h 30, straight pot", sixHours, null],
  ["simulate 24 h, straight pot", dayLong, 0.5],
  ["simulate 24 h, tapered oval", tapered, 0.5],
] as const) {
  const kg = waterKg(plan);
  time(name, limit, () => simulate(resolve(plan, kitchen), { waterKg: kg }));
}
benchOde();
const noon = () => 12;
const first = answersFor(resolve(sixHours, kitchen), noon);
if (!first.ok) throw first.problem;
time("answers with ranges", 5, () => answersFor(resolve(sixHours, kitchen), noon));
time("answers while dragging (ranges kept)", null, () =>
  answersFor(resolve(sixHours, kitchen), noon, first.value.spread),
);

const braise = bramholtPlans()["braise"];
if (braise === undefined) throw new Error("the sample has no braise");
const hut = bramholtKitchen();
time(
  "a braise on four heats, 250 even draws",
  40,
  () => convertDish(resolve(braise, hut), [], ["low"]).ranges(),
  60,
);
benchDraws(braise, hut);

/** A kitchen with everything twice and rings for all, and these of its plans on one clock. */
function clockOf(meals: readonly { at: string; keys: readonly string[] }[]) {
  const twice = <T extends { id: string }>(all: readonly T[]) =>
    all.flatMap((one) => [one, { ...one, id: `${one.id} 2` }]);
  const { rings, vessels, ovens } = hut;
  const everyOther = [...rings, ...rings, ...rings, ...rings].map((r, i) => ({
    ...r,
    id: `r${i}`,
  }));
  const large = {
    ...hut,
    hands: [ONE_COOK, { ...ONE_COOK, id: "second", name: "Second" }],
    rings: everyOther,
    vessels: twice(vessels),
    ovens: twice(ovens),
  };
  const seen = new Set<string>();
  const used = meals.flatMap(({ keys }) => keys).flatMap((key) => bramholtPlans()[key] ?? []);
  const all = used.map((plan, i): Plan => {
    const isTaken = seen.has(plan.vesselId);
    seen.add(plan.vesselId);
    const ringId = large.rings[i % large.rings.length]?.id ?? plan.ringId;
    return { ...plan, ringId, vesselId: isTaken ? `${plan.vesselId} 2` : plan.vesselId };
  });
  let next = 0;
  const clock = {
    ...emptyClock(),
    meals: meals.map(({ at, keys }, i) => ({
      id: `meal ${i}`,
      name: `Meal ${i}`,
      at,
      eaters: null,
      planIds: keys.map(() => all[next++]?.id ?? ""),
      sides: [],
      serveMin: 15,
      importance: "usual" as const,
    })),
  };
  const now = minuteOf(Date.parse("2026-03-06T07:00:00+01:00"));
  return dayOf({ kitchen: large, plans: all, clock, now }, wallClock("Europe/Berlin"));
}
const supper = { at: "2026-03-07T18:30:00+01:00", keys: ["braise", "gravy", "beans", "chili"] };
const sixDishes = clockOf([{ ...supper, keys: [...supper.keys, "lamb", "hare"] }]);
const eightPots = clockOf([
  supper,
  { at: "2026-03-08T18:30:00+01:00", keys: ["tableBraise", "night"] },
  { at: "2026-03-09T18:30:00+01:00", keys: ["trout", "hare"] },
]);
time("fill a clock, 6 dishes for one meal", 150, () => solve(sixDishes), 20);
time("fill a clock, 8 pots over 3 days", 500, () => solve(eightPots), 20);

// The sample weekend as it crosses from thread to thread, with one block put five minutes earlier each time.
const weekendNowMs = Date.parse("2026-03-20T10:00:00+01:00");
const weekend = bramholtSample(weekendNowMs);
const weekendAsked = {
  kitchen: weekend.kitchen,
  plans: weekend.plans,
  clock: withReadyTimes(weekend.clock ?? emptyClock(), weekend.plans, weekendNowMs),
  now: minuteOf(weekendNowMs),
};
const stood = fillClock(weekendAsked, null).at;
const [dragged = ""] = [...stood.keys()].filter((id) => id.endsWith("/fire"));
let draggedAt = stood.get(dragged) ?? 0;
function drag(isQuick: boolean) {
  draggedAt -= 5;
  const at = new Date(msOf(draggedAt)).toISOString();
  const clock = { ...weekendAsked.clock, pins: [{ blockId: dragged, at }] };
  return fillClock(structuredClone({ ...weekendAsked, clock }), stood, isQuick);
}
time("what follows a drag on the clock, each frame", 50, () => drag(true), 20);
time("the clock settles after a drag", 150, () => drag(false), 20);

const day = dayOfReadings();
time("fold 20,000 events", 50, () => fold(day.slice(0, 20_000)), 40);
const oneDay = day.slice(0, 4 * 1440 + 2);
const cookOfDay = fold(oneDay);
const afterDay = (oneDay[0]?.atMs ?? 0) + 86_400_000;
time("forecast with a day of readings, 4 channels", null, () =>
  forecastLive(resolve(dayLong, kitchen), cookOfDay, afterDay),
);
time("thin a day at 1 Hz, 4 channels, to readings", null, thinADay, 10);

// How near the clock comes to the best, beside a mixed-integer solver in the same run.
spawnSync("npm", ["run", "--silent", "clock:bound"], { cwd: root, stdio: "inherit" });
spawnSync(process.execPath, [`${root}scripts/setup.mjs`, "--app", "--browser"], {
  stdio: "inherit",
});
// With --core the browser is left out.
if (process.argv.includes("--core")) process.exit(0);
await withApplication(async (browser, url) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(url);
  await page.getByRole("button", { name: "Open the sample kitchen" }).click();
  await page.getByRole("heading", { name: "On the fire" }).waitFor();
  await page.goto(`${url}/plan/plan-lamb`);
  const handle = page.getByRole("slider", { name: "Water line" });
  await handle.waitFor();
  const box = await handle.boundingBox();
  if (box === null) throw new Error("no water line");
  const [x, y] = [box.x + box.width / 3, box.y + box.height / 2];
  const pot = await page.getByRole("group", { name: "in section" }).boundingBox();
  if (pot === null) throw new Error("no pot");
  const middleY = pot.y + pot.height / 2;
  const idle = await framesDuring(page, x, middleY, false);
  await page.mouse.move(x, y);
  await page.mouse.down();
  const drag = await framesDuring(page, x, middleY, true);
  const throttle = await page.context().newCDPSession(page);
  await throttle.send("Emulation.setCPUThrottlingRate", { rate: SLOWED });
  const slowed = await framesDuring(page, x, middleY, true);
  await throttle.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  await page.mouse.up();
  const frameMs = 1000 / 60;
  // A frame that was missed shows as twice as long; the clock itself is good to a few tenths.
  const frames = (name: string, ms: readonly number[], limit: number | null) =>
    report(name, ms, limit, quantile(ms, 0.95));
  frames(`dragging the water line, ${rate(drag)}`, drag, frameMs + 0.3);
  frames(`same moves, nothing dragged, ${rate(idle)}`, idle, null);
  const slowedPerS = perSecond(slowed);
  tell({
    name: `dragging on a processor ${SLOWED} times slower`,
    p50: `${slowedPerS.toFixed(1)} frames a second`,
    p95: "",
    limit: "at least 45",
    verdict: slowedPerS >= 45 ? "kept" : "BROKEN",
  });
  await page.goto(`${url}/crossover/plan-braise`);
  await page.getByText("Kitchen rule").first().waitFor();
  const long = await longTasks(page, async () => {
    const time = page.getByRole("region", { name: "Pressure" }).getByLabel("Time", { exact: true });
    for (const minutes of ["25 min", "18 min", "32 min"]) {
      await time.fill(minutes);
      await time.press("Enter");
      await page.waitForTimeout(2500);
    }
  });
  tell({
    name: "Crossover, a time changed three times: longest task",
    ...longestOf(long, 50),
  });
  // A day's readings lie in the log already; now they go on coming, once a second.
  await page.evaluate(withADay);
  await page.goto(`${url}/cook/on-fire`);
  await page.getByRole("button", { name: "Instruments" }).click();
  await page.getByText("a simulated thermometer").click();
  await page.keyboard.press("Escape");
  await page.getByText("connected").waitFor();
  await page.waitForTimeout(3000);
  const live = await longTasks(page, () => page.waitForTimeout(75_000));
  tell({ name: "Cook, 75 s at 1 Hz on a day of readings: longest task", ...longestOf(live, 100) });
});
await benchFloor();
await benchPages();
writeSpeed();

/** The longest of some tasks of the main thread; shorter ones than 50 ms are not told of. */
function longestOf(tasks: readonly number[], limitMs: number) {
  const longestMs = Math.max(0, ...tasks);
  return {
    p50: tasks.length === 0 ? "under 50 ms" : `${longestMs.toFixed(0)} ms`,
    p95: "",
    limit: `${limitMs} ms`,
    verdict: longestMs <= limitMs ? ("kept" as const) : ("BROKEN" as const),
  };
}

/** All figures of this run as a table. */
function writeSpeed(): void {
  const rows = told.map(
    ({ name, p50, p95, limit, verdict }) =>
      `| ${name} | ${p50} | ${p95} | ${limit} | ${verdict === "BROKEN" ? "**BROKEN**" : verdict} |`,
  );
  writeFileSync(
    `${root}docs/speed.md`,
    [
      "# How fast Kettlos is",
      "",
      `Written by \`npm run bench\` (${cpus().length} cores, ${cpus()[0]?.model ?? "unknown"}, Node ${process.version}). Figures of`,
      "different machines, or of a machine that does something else meanwhile, are not to be compared: what counts are the",
      "ratios to an anchor in the same run, and the limits. The middle of many runs stands first, then what nineteen in twenty",
      "keep. A limit that is marked BROKEN is what is aimed at and not reached yet.",
      "",
      "- **The simulation** stands beside odex, a general adaptive solver of differential equations, on the same pot with the",
      "  same state (liquid, steam, the shells of the bones, their cook value), each as near to the truth as the other; and",
      "  beside odex with temperature, liquid and steam alone, which knows nothing of bones, ledger or body.",
      "- **The clock** stands beside a mixed-integer solver: [clock.md](clock.md).",
      "- **Dragging** stands beside the same moves of the pointer with nothing dragged; slowed, the processor is made four",
      "  times slower by the browser.",
      "- **The ranges of a conversion** stand beside as many lean runs of the same dish alone.",
      "- **The first load** stands beside the bare libraries and components that the page uses, as small as they come.",
      "- **On a phone, on a desk** is Lighthouse with its usual throttling, the middle of three runs, with the sample kitchen;",
      "  `npm run bench -- --page` runs it alone.",
      "- How all of it **grows with the log**, to ten thousand pots: [growth.md](growth.md), `npm run bench -- --growth`.",
      "- How **exact** it is: [exactness.md](exactness.md).",
      "",
      "| figure | middle | 19 in 20 | limit | |",
      "| --- | --: | --: | --: | --- |",
      ...rows,
      "",
    ].join("\n"),
  );
  spawnSync("npx", ["prettier", "--write", "--log-level", "warn", `${root}docs/speed.md`]);
}

function perSecond(frames: readonly number[]): number {
  return (1000 * frames.length) / frames.reduce((sum, ms) => sum + ms, 0);
}

/** Frames a second, and the share of them that came late. */
function rate(frames: readonly number[]): string {
  const late = frames.filter((ms) => ms > 20).length / frames.length;
  return `${perSecond(frames).toFixed(1)} a second, ${(100 * late).toFixed(1)} % late`;
}

/**
 * Moves the pointer up and down for 8 s, 125 times a second as a mouse does; gives the time from
 * frame to frame by the browser's own frame clock, ms, sorted.
 */
async function framesDuring(page: Page, x: number, middleY: number, isDown: boolean) {
  // As text, so that the page gets it just as it stands here.
  await page.evaluate(`
    window.bench_ = { frames: [], on: true };
    let before = null;
    const mine = window.bench_;
    requestAnimationFrame(function tick(at) {
      if (before !== null) mine.frames.push(at - before);
      before = at;
      if (mine.on) requestAnimationFrame(tick);
    });
  `);
  const session = await page.context().newCDPSession(page);
  const from = performance.now();
  for (let s = 0; s < 8; s = (performance.now() - from) / 1000) {
    const moved = session.send("Input.dispatchMouseEvent", {
      type: "mouseMoved",
      x,
      y: middleY + 60 * Math.sin(3 * s),
      button: isDown ? "left" : "none",
      buttons: isDown ? 1 : 0,
    });
    // Not waited for: the answer comes only once the page has drawn.
    moved.catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, 8));
  }
  const frames = await page.evaluate<number[]>("(window.bench_.on = false, window.bench_.frames)");
  await session.detach();
  return frames.slice(5).sort((a, b) => a - b);
}

/** Tasks of the main thread of 50 ms and more while something is done, ms. */
async function longTasks(page: Page, act: () => Promise<void>): Promise<number[]> {
  await page.evaluate(`
    window.tasks_ = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) window.tasks_.push(entry.duration);
    }).observe({ type: "longtask" });
  `);
  await act();
  return page.evaluate<number[]>("window.tasks_");
}
