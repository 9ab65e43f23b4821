import { CHILL_EFFECTS, unchilled, type Chilled } from "./chill/effects";
import type { Effects } from "./effect";
import type { CookEvent } from "./event-schema";
import { FIRE_EFFECTS, unlit, type OnFire } from "./fire/effects";
import { LOG_EFFECTS, unlogged, type Logged } from "./log/effects";
import { emptyPot, POT_EFFECTS, type InPot } from "./pot/effects";
import { SIEVE_EFFECTS, unstrained, type Sieved } from "./sieve/effects";
import { unwatched, WATCH_EFFECTS, type Watched } from "./watch/effects";
import { unworked, WORK_EFFECTS, type Worked } from "./hands/effects";

/** What the events of a pot come to. */
export interface Happened extends OnFire, InPot, Watched, Worked, Sieved, Chilled, Logged {}

const nothingYet = () => ({
  ...unlit(),
  ...emptyPot(),
  ...unwatched(),
  ...unworked(),
  ...unstrained(),
  ...unchilled(),
  ...unlogged(),
});
type State = ReturnType<typeof nothingYet>;

const EFFECTS: Effects<CookEvent, State> = {
  ...FIRE_EFFECTS,
  ...POT_EFFECTS,
  ...WATCH_EFFECTS,
  ...WORK_EFFECTS,
  ...SIEVE_EFFECTS,
  ...CHILL_EFFECTS,
  ...LOG_EFFECTS,
};

/** What events, in the order in which they happened, come to: each does its own to what was before. */
export function happenedBy(events: readonly CookEvent[]): Happened {
  const state = nothingYet();
  for (const event of events)
    // By its kind each is given to its own.
    (EFFECTS[event.kind] as ((state: State, event: CookEvent) => void) | null)?.(state, event);
  return state;
}
