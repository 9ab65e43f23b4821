import { chillingAt, chillingCourse, type ChillingNow } from "../src/batch/chill-of";
import type { StandingCourse } from "../src/batch/standing";
import type { BeforeChilling } from "../src/cool/before-chilling";
import { chillAt, chillCourse, type ChillNow, type ChillReading } from "../src/cool/chill-live";
import type { CodeOfCooling, Gate } from "../src/cool/codes";
import type { CoolingFacts, CoolingStage } from "../src/cool/cooling";
import type { Chilling } from "../src/events/chill/effects";
import type { Kitchen } from "../src/simulate/kitchen-schema";

/** The course of a chilling, and how it stands at a moment. */
export const chillNow = (
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  readings: readonly ChillReading[],
  gates: readonly Gate[],
  nowMin: number,
  before: BeforeChilling | null = null,
): ChillNow => chillAt(chillCourse(facts, stages, readings, before), gates, nowMin);

/** The same of a pot. */
export function chillingNow(
  chilling: Chilling,
  kitchen: Kitchen,
  code: CodeOfCooling,
  nowMs: number,
  standing: StandingCourse | null = null,
): ChillingNow | null {
  const course = chillingCourse(chilling, kitchen, standing);
  return course === null ? null : chillingAt(course, code, nowMs);
}
