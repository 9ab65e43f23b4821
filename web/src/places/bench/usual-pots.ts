import { vesselOfForm, VESSEL_FORMS, type VesselForm } from "@kettlos/core/heat/vessel-forms";
import { toldApart } from "@kettlos/core/vessel/told-apart";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";

/** A pot that is in the kitchen, by its form and its marked size; `acrossM` where it was measured. */
export interface HadPot {
  readonly id: string;
  readonly form: VesselForm;
  readonly markedL: number;
  readonly acrossM?: number;
}

/** A single plain pot is named as its cook would name it. */
const ONLY_POT = "My pot";

/**
 * The pots as they stand in the kitchen, in the order of their forms and small to big, each under a name
 * of its own.
 * @throws Problem `range` where one cannot be
 */
export function asVessels(pots: readonly HadPot[]): readonly Vessel[] {
  return VESSEL_FORMS.flatMap((form) => {
    const same = pots.filter((p) => p.form === form).sort((a, b) => a.markedL - b.markedL);
    const vessels = same.map((p) => vesselOfForm(form, p.id, p.markedL, p.acrossM));
    const names = toldApart(vessels[0]?.name ?? "", vessels.length);
    return vessels.map((v, i) => ({
      ...v,
      name: pots.length === 1 && form === "pot" ? ONLY_POT : (names[i] ?? v.name),
    }));
  });
}
