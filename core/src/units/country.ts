/**
 * The country of a locale by its two letters; where it names none, the one where most of them live.
 * @example countryOf("de-AT") // "AT"
 */
export function countryOf(locale: string): string {
  try {
    return new Intl.Locale(locale).maximize().region ?? "";
  } catch {
    return "";
  }
}
