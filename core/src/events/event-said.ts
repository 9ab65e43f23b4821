import type { Plan } from "../simulate/plan-schema";
import type { Said } from "../units/said";
import { CHILL_WORDS } from "./chill/words";
import type { CookEvent } from "./event-schema";
import type { EventWords } from "./event-words";
import { FIRE_WORDS } from "./fire/words";
import { LOG_WORDS } from "./log/words";
import { POT_WORDS } from "./pot/words";
import { SIEVE_WORDS } from "./sieve/words";
import { WATCH_WORDS } from "./watch/words";
import { WORK_LOG_WORDS } from "./hands/words";

const WORDS: EventWords<CookEvent> = {
  ...FIRE_WORDS,
  ...POT_WORDS,
  ...WATCH_WORDS,
  ...WORK_LOG_WORDS,
  ...SIEVE_WORDS,
  ...CHILL_WORDS,
  ...LOG_WORDS,
};

/** One event as the course of a pot tells it. */
export const eventSaid = (event: CookEvent, plan: Plan): Said =>
  // By its kind each is given to its own.
  (WORDS[event.kind] as (event: CookEvent, plan: Plan) => Said)(event, plan);
