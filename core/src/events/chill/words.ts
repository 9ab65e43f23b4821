import { WAYS } from "../../cool/ways";
import { exactC, say } from "../../units/said";
import type { EventWords } from "../event-words";
import type { ChillEvent } from "./schema";

export const CHILL_WORDS: EventWords<ChillEvent> = {
  chillBegun: ({ chill }) =>
    `Chilling begun: ${chill.stages.map((s) => WAYS[s.way].name).join(", then ")}`,
  chillMoved: ({ chill }) =>
    say`At ${exactC(chill.fromC)} chilled another way: ${chill.stages.map((s) => WAYS[s.way].name).join(", then ")}`,
  chillRead: ({ tempC }) => say`While it chills, ${exactC(tempC)}`,
  chilled: () => "Cold through",
};
