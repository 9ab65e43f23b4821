import { BESIDE } from "../../dish/accompaniments";
import type { TaskKind } from "../../prepare/works";
import { nameOf } from "../../simulate/item-facts";
import { capital } from "../../units/capital";
import type { EventWords } from "../event-words";
import type { WorkEvent } from "./schema";
import type { WorkSaid } from "./terms";

const WORK_HOW: Record<WorkSaid, (said: string) => string> = {
  done: (said) => said,
  begun: (said) => `${said}, begun`,
  batch: (said) => `${said}, one batch`,
  left: (said) => `not ${said}`,
};

/** What was done, as the log says it. */
const WORK_DONE_WORDS: Readonly<Record<TaskKind, string>> = {
  thaw: "thawing",
  soak: "soaking",
  saltAhead: "salting ahead",
  rinse: "rinsed",
  scrub: "scrubbed",
  trim: "trimmed",
  cut: "cut",
  tie: "tied",
  bundle: "bundled",
  brown: "browned",
  sweat: "sweated",
  fry: "fried",
  roux: "roux stirred",
  reduce: "boiled down",
  crush: "crushed",
  blend: "blended",
  roast: "roasted",
  blanch: "blanched",
  boilHard: "boiled hard",
};

export const WORK_LOG_WORDS: EventWords<WorkEvent> = {
  worked: ({ itemId, work, how }, plan) => {
    const item = plan.items.find((i) => i.id === itemId);
    const said = WORK_HOW[how](WORK_DONE_WORDS[work]);
    return item === undefined ? `Work: ${said}` : `${nameOf(item)}: ${said}`;
  },
  sideDish: ({ side, isLeft }) => {
    const name = capital(BESIDE[side].name);
    return isLeft ? `${name} left out` : `${name} begun`;
  },
};
