import type { EventFacts } from "../events/event-schema";
import { ROUNDS } from "../events/watch/terms";
import type { WorkSaid } from "../events/hands/terms";
import { SALT_ROUNDS } from "../events/pot/terms";
import { TASKS } from "../prepare/works";
import { ACCOMPANIMENTS } from "../simulate/dish-words";

/** The words that stood by themselves in a `did` of version 3. */
const ALONE: Readonly<Record<string, EventFacts>> = {
  skim: { kind: "skimmed" },
  stir: { kind: "stirred" },
  look: { kind: "lookedIn" },
  "poured:water": { kind: "waterIn" },
};

const WORK_WAS: Readonly<Record<string, WorkSaid>> = {
  work: "done",
  begun: "begun",
  batch: "batch",
  left: "left",
};

const oneOf = <T extends string>(all: readonly T[], word: string): T | undefined =>
  all.find((one) => one === word);

/**
 * What a `did` of version 3 says, as an event of its own: "out:goat", "work:goat:brown", "passed:stir". What was
 * written by nobody that is known stays as a note, word for word.
 */
export function didOf3(what: string): EventFacts {
  const alone = Object.hasOwn(ALONE, what) ? ALONE[what] : undefined;
  return alone ?? ofThing(what) ?? { kind: "noted", text: what };
}

function ofThing(what: string): EventFacts | null {
  const colon = what.indexOf(":");
  const rest = what.slice(colon + 1);
  if (colon < 0 || rest === "") return null;
  const verb = what.slice(0, colon);
  const how = Object.hasOwn(WORK_WAS, verb) ? WORK_WAS[verb] : undefined;
  if (how !== undefined) return ofWork(rest, how);
  switch (verb) {
    case "out":
      return { kind: "takenOut", itemId: rest };
    case "back":
      return { kind: "putBack", itemId: rest };
    case "passed": {
      const round = oneOf(ROUNDS, rest);
      return round === undefined ? null : { kind: "letGo", round };
    }
    case "salt": {
      const round = oneOf(SALT_ROUNDS, rest);
      return round === undefined ? null : { kind: "noSalt", round };
    }
    case "side":
    case "noSide": {
      const side = oneOf(ACCOMPANIMENTS, rest);
      return side === undefined ? null : { kind: "sideDish", side, isLeft: verb === "noSide" };
    }
    default:
      return null;
  }
}

/** "goat:2-0:brown": an id may have colons in it, a kind has none. */
function ofWork(task: string, how: WorkSaid): EventFacts | null {
  const colon = task.lastIndexOf(":");
  const work = oneOf(TASKS, task.slice(colon + 1));
  return colon < 1 || work === undefined
    ? null
    : { kind: "worked", itemId: task.slice(0, colon), work, how };
}
