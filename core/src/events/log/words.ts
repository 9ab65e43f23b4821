import { given, say } from "../../units/said";
import { showDuration } from "../../units/show";
import { MINUTE_MS } from "../../units/time";
import type { EventWords } from "../event-words";
import { LIKING_WORDS } from "./liking-words";
import type { LogEvent } from "./schema";

export const LOG_WORDS: EventWords<LogEvent> = {
  noted: ({ text }) => say`“${given(text)}”`,
  clockSet: ({ shiftMs, isAssumed }) => {
    const by = showDuration(Math.abs(shiftMs) / MINUTE_MS);
    const much = isAssumed ? `${by} or more` : by;
    return shiftMs < 0
      ? `The clock was set back by ${much}; earlier times moved along`
      : `The clock was set ahead by ${much}; earlier times moved along`;
  },
  finished: () => "Logged",
  liked: ({ how }) => `At the table: ${LIKING_WORDS[how].toLowerCase()}`,
  undo: () => "Taken back",
};
