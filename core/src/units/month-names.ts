import { formatter } from "./moments";

const monthNameOf = formatter({ month: "long" });
let names: readonly string[] = [];

/** The names of the twelve months in the language, in small letters. */
export function monthNamesOf(): readonly string[] {
  if (names.length === 0)
    names = Array.from({ length: 12 }, (_, i) =>
      monthNameOf(
        Date.parse(`2020-${String(i + 1).padStart(2, "0")}-15T12:00Z`),
        "UTC",
      ).toLowerCase(),
    );
  return names;
}
