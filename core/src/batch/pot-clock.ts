import type { Batch } from "./batch-schema";

/** The time on a pot's own clock at a moment of the real one, ms. Only a practice pot's runs apart. */
export function potNowMs({ practice }: Pick<Batch, "practice">, realMs: number): number {
  if (practice === undefined) return realMs;
  return practice.potMs + (realMs - practice.realMs) * practice.speed;
}

/** The same pot with its clock running at another speed from realMs on; nothing jumps. */
export function atSpeed(batch: Batch, speed: number, realMs: number): Batch {
  if (batch.practice === undefined) return batch;
  const potMs = Math.round(potNowMs(batch, realMs));
  return { ...batch, practice: { ...batch.practice, speed, realMs, potMs } };
}
