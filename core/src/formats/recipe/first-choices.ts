import { openDoubts, type RecipeDraft } from "./draft";
import { settle, settleHead } from "./read-recipe";

/** A doubt leads to no more than a few others. */
const MOST_ANSWERS = 2000;

/** The draft with every question answered by its first choice. */
export function firstChoices(draft: RecipeDraft): RecipeDraft {
  let next = draft;
  for (let i = 0; i < MOST_ANSWERS && openDoubts(next) > 0; i++) {
    const [head] = next.doubts;
    const open = next.lines.find((l) => !l.isLeftOut && l.doubts.length > 0);
    const [doubt] = open?.doubts ?? [];
    if (head !== undefined) next = settleHead(next, head.id, head.choices[0]?.set ?? {});
    else if (open !== undefined && doubt !== undefined)
      next = settle(next, open.id, doubt.id, doubt.choices[0]?.set ?? {});
  }
  return next;
}
