import { figure } from "@kettlos/core/units/region";
import type { Answers } from "@kettlos/core/because/answers";
import type { Caution } from "@kettlos/core/safety/caution";
import { simmeredMin } from "@kettlos/core/simulate/trace";
import { showDuration, showTemperature, type UnitSystem } from "@kettlos/core/units/show";

/** Says when a stock stops short of its flavour or goes past it; nothing where it is right. */
export function flavourCaution(answers: Answers, units: UnitSystem): readonly Caution[] {
  const { flavour, trace } = answers;
  if (flavour === null || trace.problem !== null) return [];
  const base = { severity: "caution", places: ["plan"], whose: "kitchen estimate" } as const;
  const cook = figure(trace.cookMin, 0);
  if (flavour.state === "short")
    return [
      {
        ...base,
        id: "short",
        title: flavour.by === "tender" ? "Not tender yet" : "Short of its flavour",
        text: `It holds ${showTemperature(trace.holdC, units)} here: ${showDuration(simmeredMin(trace))} make cook value ${cook}; ${flavour.what} wants ${figure(flavour.window.from.value, 0)} or more.`,
        rule: flavour.window.from.source,
      },
    ];
  return flavour.state === "past its best"
    ? [
        {
          ...base,
          id: "past",
          title:
            flavour.by === "tender" ? "Past tender: dry or falling apart" : "Longer than it wants",
          text: `Cook value ${cook}; ${flavour.what} is past its best from ${figure(flavour.window.past.value, 0)}${flavour.by === "tender" ? "" : ": dull or bitter"}.`,
          rule: flavour.window.past.source,
        },
      ]
    : [];
}
