import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { reckoner } from "../workers/reckoner";
import type { Learner } from "../workers/reckoner.worker";
import { db, type StoredWords } from "./db";
import { isReadNow } from "./log-keys";
import { pause } from "./pause";
import { plain } from "./plain";

const AT_ONCE = 400;

/** What every pot that is worked out says, so many at a time: ten thousand at once would hold the page up. */
export async function* storedWords(
  isWanted: () => boolean = () => true,
): AsyncGenerator<readonly StoredWords[]> {
  for (let last = ""; isWanted(); await pause()) {
    const rows = await db.words.where(":id").above(last).limit(AT_ONCE).toArray();
    last = rows.at(-1)?.batchId ?? last;
    if (rows.length > 0) yield rows;
    if (rows.length < AT_ONCE) return;
  }
}

let turn: Promise<unknown> = Promise.resolve();

/** Asks something of all that pots say together, once the worker has heard them: one after the other, for it hears one log. */
export function ofLog<A>(
  words: AsyncIterable<readonly StoredWords[]> | Iterable<readonly StoredWords[]>,
  { id, teaching }: Pick<Kitchen, "id" | "teaching">,
  ask: (learner: Learner) => A | Promise<A>,
): Promise<A> {
  const answer = turn.then(async () => {
    await reckoner().hear([], true);
    for await (const rows of words)
      // What an older Kettlos read of a pot counts once it is read anew.
      await reckoner().hear(
        rows.filter((r) => isReadNow(r.key)).map((r) => r.words),
        false,
      );
    return ask({ teaching: plain(teaching ?? null), kitchenId: id });
  });
  turn = answer.catch(() => undefined);
  return answer;
}
