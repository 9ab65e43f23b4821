import { resolve } from "@kettlos/core/simulate/set-pot";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { gapOf } from "@kettlos/core/batch/gap";
import { fold } from "@kettlos/core/batch/fold";
import { onFire } from "@kettlos/core/batch/on-fire";
import { wordsOf } from "@kettlos/core/learn/taught";
import { shelvedOf, type ShelvedPot } from "@kettlos/core/logbook/shelved";
import type { LivePot } from "../src/data/pots-store";
import { bramholtSample } from "../src/sample/bramholt";

/** The moment all component tests play at. */
export const NOW = Date.parse("2026-03-18T20:14:00+01:00");
export const sample = bramholtSample(NOW);

/** A batch of the sample kitchen as a screen gets it. */
export function potOf(id: string, more: readonly CookEvent[] = []): LivePot {
  const batch = sample.batches.find((b) => b.id === id);
  if (batch === undefined) throw new Error(`no batch ${id}`);
  const events = [...sample.events.filter((e) => e.batchId === id), ...more];
  const cook = fold(events);
  const pot = onFire(resolve(batch.plan, batch.kitchen), cook, NOW);
  if (pot.problem !== null) throw pot.problem;
  return {
    batch,
    setPot: resolve(batch.plan, batch.kitchen),
    stored: batch,
    events,
    cook,
    astray: null,
    ...pot,
  };
}

/** A batch of the sample kitchen as it stands in the logbook. */
export function shelvedPotOf(id: string): ShelvedPot {
  const pot = potOf(id);
  const { batch, cook } = pot;
  const worked = {
    words: wordsOf({ batch, cook }),
    gap: gapOf(resolve(batch.plan, batch.kitchen), cook),
  };
  const shelved = shelvedOf(pot, worked);
  if (shelved === null) throw new Error(`${id} is not finished`);
  return shelved;
}

/** A plan of the sample kitchen. */
export function planOf(id: string) {
  const plan = sample.plans.find((p) => p.id === id);
  if (plan === undefined) throw new Error(`no plan ${id}`);
  return plan;
}
