/** A band on the rail by its ends, shares of the lane in %. */
export interface Ends {
  readonly from: number;
  readonly end: number;
}

/** What the words of a band take of the lane at least, %: a name, what is next and when. */
const WORDS_ROOM = 38;
/** Words on a band are cut short; behind the needle they want so much. */
const ON_ROOM = 30;

/** Words stand after their band, before it, or, where it leaves room for neither, on it. */
export const sideOfWords = ({ from, end }: Ends): "after" | "before" | "on" =>
  end <= 100 - WORDS_ROOM ? "after" : from >= WORDS_ROOM ? "before" : "on";

/** Where they begin and how far they reach, so that the needle at `now` crosses none where that can be. */
export function wordsStyle(band: Ends, now: number): Readonly<Record<string, string>> {
  const { from, end } = band;
  switch (sideOfWords(band)) {
    case "after":
      // Of a pot that ended a while ago they begin behind the needle.
      return { left: `${end <= now && now - end < ON_ROOM ? now : end}%` };
    case "before":
      return { right: `${100 - from}%` };
    case "on": {
      const left = now > from && end - now >= ON_ROOM ? now : from;
      return { left: `${left}%`, maxWidth: `${end - left}%` };
    }
  }
}
