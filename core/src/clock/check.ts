import { NEAR_EACH, OVEN_WITHIN_C } from "./board";
import { lengthMin, readyMin, timedTasks } from "./needs";
import { ringOf } from "./place";
import type { Schedule } from "./solve";
import type { Minute } from "./wall-clock";

/** Something a schedule must not do, with when. */
export interface Broken {
  readonly what:
    | "order"
    | "hands"
    | "asleep"
    | "quiet"
    | "fridge"
    | "nobodyUp"
    | "twoOnOne"
    | "oven"
    | "near"
    | "past"
    | "unmade";
  readonly at: Minute;
  readonly ids: readonly string[];
}

interface Run {
  readonly id: string;
  readonly from: Minute;
  readonly to: Minute;
}

/**
 * Everything a schedule breaks, gone through minute by minute and by another way than it was made. Empty
 * where it can be done.
 */
export function brokenIn(schedule: Schedule): readonly Broken[] {
  const { day, placed } = schedule;
  const out: Broken[] = [];
  const all = [...placed.values()];
  const runs = all.flatMap((p) =>
    timedTasks(p.block).map((t) => ({
      p,
      task: t.task,
      off: t.off,
      from: p.at + t.off,
      to: p.at + t.off + t.min,
    })),
  );
  for (const p of all) {
    if (p.at < day.now) out.push({ what: "past", at: p.at, ids: [p.block.id] });
    for (const link of p.block.after) {
      const before = placed.get(link.blockId);
      if (before === undefined) continue;
      const made =
        before.at + (link.from === "ready" ? readyMin(before.block) : lengthMin(before.block));
      const gap = p.at - made;
      if (gap < link.leastMin || (link.mostMin !== null && gap > link.mostMin))
        out.push({ what: "order", at: p.at, ids: [link.blockId, p.block.id] });
    }
  }
  out.push(...overfull(schedule));
  const byKey = new Map<string, Run[]>();
  const use = (key: string, run: Run) => byKey.set(key, [...(byKey.get(key) ?? []), run]);
  for (const r of runs) {
    const run = { id: r.task.id, from: r.from, to: r.to };
    if (r.task.attention === "hands") {
      const hand = r.p.hands.get(r.task.id);
      if (hand === undefined) out.push({ what: "unmade", at: r.from, ids: [r.task.id] });
      else {
        use(`hand ${hand}`, run);
        const free = day.hands.find((h) => h.id === hand)?.free ?? [];
        if (!free.some((s) => s.from <= r.from && r.to <= s.to))
          out.push({ what: "asleep", at: r.from, ids: [r.task.id] });
      }
    }
    if (r.task.attention === "eyes" || r.task.attention === "near" || r.task.isFlame)
      for (let m = r.from; m < r.to; m++)
        if (!day.hands.some((h) => h.free.some((s) => s.from <= m && m < s.to))) {
          out.push({ what: "nobodyUp", at: m, ids: [r.task.id] });
          break;
        }
    if (r.task.isLoud && !day.loud.some((s) => s.from <= r.from && r.to <= s.to))
      out.push({ what: "quiet", at: r.from, ids: [r.task.id] });
    for (const id of r.task.vesselIds) use(`vessel ${id}`, run);
    if (r.task.isCold) use("cold", run);
    if (r.task.ringIds.length > 0) {
      const ring = ringOf(r.p, r.task, r.off);
      if (ring === null) out.push({ what: "unmade", at: r.from, ids: [r.task.id] });
      else use(`ring ${ring}`, run);
    }
  }
  // What waits in its vessel for the table, or for the next work in it, keeps it.
  for (const p of all)
    for (const link of p.block.after) {
      const before = placed.get(link.blockId);
      const kept = before?.block.steps.at(-1)?.vesselIds ?? [];
      if (before === undefined) continue;
      const isServed = p.block.kind === "serve";
      for (const id of kept)
        if (
          p.at > before.at + lengthMin(before.block) &&
          (isServed || p.block.steps.some((t) => t.vesselIds.includes(id)))
        )
          use(`vessel ${id}`, {
            id: before.block.id,
            from: before.at + lengthMin(before.block),
            to: p.at,
          });
    }
  for (const [key, list] of byKey) {
    list.sort((a, b) => a.from - b.from);
    for (let i = 1; i < list.length; i++) {
      const before = list[i - 1];
      const after = list[i];
      if (before !== undefined && after !== undefined && after.from < before.to)
        out.push({
          what: key.startsWith("hand") ? "hands" : "twoOnOne",
          at: after.from,
          ids: [before.id, after.id],
        });
    }
  }
  const moments = [...new Set(runs.map((r) => r.from))];
  for (const m of moments) {
    const on = runs.filter((r) => r.from <= m && m < r.to);
    const near = on.filter((r) => r.task.attention === "near");
    const up = day.hands.filter((h) => h.free.some((s) => s.from <= m && m < s.to)).length;
    if (near.length > NEAR_EACH * Math.max(1, up))
      out.push({ what: "near", at: m, ids: near.map((r) => r.task.id) });
    for (const [ovenId, roomM2] of day.shelves) {
      const inside = on.filter((r) => r.task.oven?.ovenId === ovenId);
      const temps = inside.map((r) => r.task.oven?.ovenC ?? 0);
      const fullM2 = inside.reduce((sum, r) => sum + (r.task.oven?.areaM2 ?? 0), 0);
      if (
        inside.length > 1 &&
        (Math.max(...temps) - Math.min(...temps) > OVEN_WITHIN_C || fullM2 > roomM2)
      )
        out.push({ what: "oven", at: m, ids: inside.map((r) => r.task.id) });
    }
  }
  return out;
}

/** Where more stands in the fridge than has room there. */
function overfull({ day, placed }: Schedule): readonly Broken[] {
  const { fridgeL } = day;
  if (fridgeL === null) return [];
  const stays = [...placed.values()].flatMap((p) =>
    p.block.after.flatMap((link) => {
      const before = placed.get(link.blockId);
      if (before === undefined || link.fridgeL === undefined) return [];
      const made = link.from === "ready" ? readyMin(before.block) : lengthMin(before.block);
      const { fridgeL: volumeL } = link;
      return [{ id: p.block.id, volumeL, from: before.at + made, to: p.at + lengthMin(p.block) }];
    }),
  );
  return stays.flatMap((stay): Broken[] => {
    const beside = stays.filter((s) => s.from <= stay.from && stay.from < s.to);
    const fullL = beside.reduce((sum, s) => sum + s.volumeL, 0);
    return fullL > fridgeL ? [{ what: "fridge", at: stay.from, ids: beside.map((s) => s.id) }] : [];
  });
}
