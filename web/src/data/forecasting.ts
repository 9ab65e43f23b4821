import { shallowRef, type ShallowRef } from "vue";
import type * as all from "./forecaster";

export type Forecaster = typeof all;

/** Loaded again after so long where it could not be had, ms: without it no pot on the fire is seen. */
const AGAIN_MS = 3000;

/**
 * Something that is loaded as it is first asked for, and again until it is there. Of a part that is gone from the
 * server the loader gives undefined, and says so to the cook.
 */
export function loadedOnce<T>(load: () => Promise<T | undefined>) {
  const loaded = shallowRef<T | null>(null);
  let isAsked = false;
  const fetch = async (): Promise<void> => {
    const it = await load().catch(() => undefined);
    if (it === undefined) setTimeout(() => void fetch(), AGAIN_MS);
    else loaded.value = it;
  };
  return (): Readonly<ShallowRef<T | null>> => {
    if (!isAsked) void fetch();
    isAsked = true;
    return loaded;
  };
}

/** What works pots and plans out; null until it is there. */
export const useForecaster = loadedOnce<Forecaster>(() => import("./forecaster"));
