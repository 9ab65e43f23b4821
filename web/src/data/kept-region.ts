import { regionOf, USUAL_REGION, type Region } from "@kettlos/core/units/region";

const KEY = "kettlos-region";

interface Kept {
  readonly locale: string;
  readonly region: Region;
}

/**
 * What a locale writes, as it was found the last time, for asking the browser's own tables takes as long as drawing a
 * screen; asked where it was not found yet. `asksAgain` finds it anew for the next time.
 */
export function keptRegion(locale: string): Region {
  const kept = read();
  return kept?.locale === locale ? kept.region : asksAgain(locale);
}

export function asksAgain(locale: string): Region {
  const region = regionOf(locale);
  try {
    localStorage.setItem(KEY, JSON.stringify({ locale, region } satisfies Kept));
  } catch {
    // Where nothing may be kept it is asked each time.
  }
  return region;
}

function read(): Kept | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? "null");
    return isKept(kept) ? kept : null;
  } catch {
    return null;
  }
}

/** Whether all of a region is there, each of the kind it is. */
function isKept(kept: unknown): kept is Kept {
  if (typeof kept !== "object" || kept === null || !("locale" in kept) || !("region" in kept))
    return false;
  const region = Object(kept.region) as Record<string, unknown>;
  return Object.entries(USUAL_REGION).every(
    ([part, usual]) => typeof region[part] === typeof usual,
  );
}
