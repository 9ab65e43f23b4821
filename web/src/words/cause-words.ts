import type { Gap, GapCause } from "@kettlos/core/batch/gap";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";

const WHY: Record<GapCause, readonly [more: string, less: string]> = {
  steam: ["it steamed slower than expected", "it steamed faster than expected"],
  solids: ["the bones let go of more", "more stayed on the bones"],
  juice: ["meat and vegetables gave more", "meat and vegetables gave less"],
  measuring: ["the measure is that rough", "the measure is that rough"],
};

/** The gap between planned and got, and its likeliest cause, in a sentence. */
export function causeWords(gap: Gap, units: UnitSystem): string {
  if (Math.abs(gap.gapL) < 0.05) return "As planned, within what a jug can tell.";
  const part = gap.parts.find((p) => p.cause === gap.likeliest);
  const litres = part?.litres ?? 0;
  const why = WHY[gap.likeliest][litres > 0 ? 0 : 1];
  const much = showVolume(Math.abs(gap.gapL), units);
  const share = showVolume(Math.abs(litres), units);
  return `${much} ${gap.gapL > 0 ? "more" : "less"} than planned. Likeliest: ${why} (about ${share}).`;
}
