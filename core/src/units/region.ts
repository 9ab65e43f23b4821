import { word } from "./word";
/** The language that the words are in. */
export const LANGUAGE: string = word("en");

/** How figures and moments are written where the cook is. The words are the same everywhere. */
export interface Region {
  readonly decimal: "." | ",";
  /** Hours of the clock: 2:05 PM or 14:05. */
  readonly clock: 12 | 24;
  /** Mar 18 or 18 Mar. */
  readonly dates: "dayFirst" | "monthFirst";
  /** The day a week begins with; 0 is Sunday. */
  readonly weekFrom: number;
  /** What kitchens there measure in, as a first guess. */
  readonly measures: "metric" | "us";
}

/** Where nobody says otherwise: 18 Mar, 14:05, 1.5. */
export const USUAL_REGION: Region = {
  decimal: ".",
  clock: 24,
  dates: "dayFirst",
  weekFrom: 1,
  measures: "metric",
};

/** Where cups and pounds are the measures of kitchens. */
const US_MEASURES: ReadonlySet<string | undefined> = new Set(["US", "LR", "PR"]);

type WithWeek = Intl.Locale & {
  readonly weekInfo?: { readonly firstDay: number };
  getWeekInfo?(): { readonly firstDay: number };
};

/**
 * What a locale writes ("en-US", "de-AT"), from the runtime's own tables. One that cannot be read is the usual.
 * @param locale a BCP 47 tag
 */
export function regionOf(locale: string): Region {
  try {
    const sign = new Intl.NumberFormat(locale, { numberingSystem: "latn" })
      .formatToParts(1.5)
      .find((p) => p.type === "decimal");
    // One for both, as each takes long to make the first time.
    const moments = new Intl.DateTimeFormat(locale, {
      ...{ day: "numeric", month: "short", hour: "numeric" },
    });
    const { hour12 } = moments.resolvedOptions();
    const first = moments.formatToParts(0).find((p) => p.type === "day" || p.type === "month");
    const its = new Intl.Locale(locale) as WithWeek;
    const firstDay = (its.getWeekInfo?.() ?? its.weekInfo)?.firstDay ?? USUAL_REGION.weekFrom;
    return {
      decimal: sign?.value === "," ? "," : ".",
      clock: hour12 === true ? 12 : 24,
      dates: first?.type === "month" ? "monthFirst" : "dayFirst",
      weekFrom: firstDay % 7,
      measures: US_MEASURES.has(its.maximize().region) ? "us" : "metric",
    };
  } catch {
    return USUAL_REGION;
  }
}

let here: Region = USUAL_REGION;

/** Said once as a page, a worker or a program begins, as the default locale of the runtime is. */
export const setRegion = (region: Region): void => {
  here = region;
};
export const regionHere = (): Region => here;

/** The sign for the fraction of a figure that is written with a point. */
export const asWritten = (text: string): string =>
  here.decimal === "." ? text : text.replace(/(\d)\.(\d)/gu, `$1${here.decimal}$2`);

/**
 * A figure to so many places: 1.50, 1,50.
 * @example figure(1.5, 2) // "1.50"
 */
export const figure = (value: number, digits: number): string => asWritten(value.toFixed(digits));

/** A figure as it is, without noughts: 0.25, 8, 8,1. */
export const plain = (value: number): string => asWritten(String(value));
