import { resolve } from "@kettlos/core/simulate/set-pot";
import { levelFarOff, overFilled, temperatureFarOff } from "@kettlos/core/batch/far-off";
import type { Reading } from "@kettlos/core/events/watch/effects";
import { vesselOf } from "@kettlos/core/simulate/references";
import { capacityL } from "@kettlos/core/vessel/volume";
import { showTemperature, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { farOffWords } from "../../controls/far-off-words";
import { usePotsStore, type LivePot } from "../../data/pots-store";

/** What of a pot's readings is asked about before it is believed; null where it may well be. */
export function useFarOff(pot: () => LivePot, units: () => UnitSystem) {
  const pots = usePotsStore();
  const facts = () => {
    const { batch, cook, forecast } = pot();
    return { plan: batch.plan, kitchen: batch.kitchen, cook, forecast, nowMs: pots.nowOf(batch) };
  };
  const litres = (l: number) => showVolume(l, units());
  return {
    level: (reading: Pick<Reading, "form" | "value">): string | null => {
      const far = levelFarOff(facts(), reading);
      if (far === null) return null;
      const { readL, reckoned } = far;
      return readL === null
        ? `That is less than the pot with what lies in it: ${litres(reckoned.expected)} of liquid is expected. Is it really so?`
        : farOffWords(`That is ${litres(readL)} of liquid`, litres(reckoned.expected));
    },
    poured: (volumeL: number): string | null => {
      const { plan, kitchen } = facts();
      const over = overFilled(facts(), volumeL, capacityL(vesselOf(resolve(plan, kitchen))));
      return over === null
        ? null
        : `Only about ${litres(over.roomL)} more goes in to the rim. Is it really ${litres(volumeL)}?`;
    },
    temperature: (where: "liquid" | "piece", tempC: number): string | null => {
      const far = temperatureFarOff(facts(), where, tempC);
      return far === null
        ? null
        : farOffWords(
            showTemperature(tempC, units()),
            showTemperature(far.reckoned.expected, units()),
          );
    },
  };
}
