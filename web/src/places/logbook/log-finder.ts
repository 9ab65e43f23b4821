import { nameOf } from "@kettlos/core/simulate/item-facts";
import { vesselOf } from "@kettlos/core/simulate/references";
import { outcomeOf } from "@kettlos/core/units/problem";
import MiniSearch from "minisearch";
import type { PotState } from "../../data/pots-store";
import { plainWord } from "../../find/finder";

/** All that a cook may remember of a pot: what it was, what was in it, in which pot, what was said of it. */
function saidOf({ batch, cook, events }: PotState): string {
  const { plan, kitchen } = batch;
  const vessel = outcomeOf(() => vesselOf(plan, kitchen));
  return [
    plan.name,
    plan.note,
    plan.forWhat,
    ...plan.items.map(nameOf),
    vessel.ok ? vessel.value.name : "",
    cook.result?.set ?? "",
    ...events.flatMap((e) =>
      e.kind === "noted" ? [e.text] : e.kind === "tasted" ? [e.who, e.text, ...e.tastes] : [],
    ),
  ].join(" ");
}

/** Looks through a log by beginnings of words, with a slip of the finger forgiven; all words have to fit. */
export function logFinderOf(pots: readonly PotState[]): (text: string) => ReadonlySet<string> {
  const index = new MiniSearch<{ id: string; said: string }>({
    fields: ["said"],
    processTerm: plainWord,
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: "AND",
    },
  });
  index.addAll(pots.map((pot) => ({ id: pot.batch.id, said: saidOf(pot) })));
  return (text) => new Set(index.search(text).map(({ id }) => String(id)));
}
