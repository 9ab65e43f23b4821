import { heatOf } from "../../heats/heat";
import { KNOB_WORDS } from "../../heats/slow-cooker";
import { turnTo } from "../../schedule/turns";
import { ovenC, say } from "../../units/said";
import { showDuration } from "../../units/show";
import { MINUTE_MS } from "../../units/time";
import type { EventWords } from "../event-words";
import type { FireEvent } from "./schema";
import type { Interruption } from "./terms";

const INTERRUPTION_WORDS: Readonly<Record<Interruption, string>> = {
  paused: "Heat off",
  powerCut: "Power cut",
  lidOff: "Lid off",
};

export const FIRE_WORDS: EventWords<FireEvent> = {
  lit: (_, plan) => heatOf(plan.heat).logged.lit,
  boils: () => "Boils",
  simmers: (_, plan) => heatOf(plan.heat).logged.clock,
  heatSet: (event, plan) => {
    const begun = turnTo(plan, event.stretchId);
    if (begun !== undefined) return begun.title;
    if (event.setting !== undefined) return `Turned to ${KNOB_WORDS[event.setting]}`;
    if (event.ovenC !== undefined) return say`Oven to ${ovenC(event.ovenC)}`;
    return `Turned to a ${event.vigour} simmer, lid ${event.lid}`;
  },
  interrupted: ({ why, fromMs, untilMs, isUnknown }) => {
    const said = INTERRUPTION_WORDS[why];
    if (isUnknown === true) return `${said}, nobody knows how long`;
    return untilMs === null ? said : `${said} for ${showDuration((untilMs - fromMs) / MINUTE_MS)}`;
  },
  resumed: () => "Back again",
  offHeat: () => "Off the heat",
};
