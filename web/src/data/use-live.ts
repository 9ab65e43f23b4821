import { liveQuery } from "dexie";
import { onScopeDispose, shallowRef, watch, type ShallowRef, type WatchSource } from "vue";

/**
 * A query that follows the database, from this tab and from others. Undefined until the first answer.
 * `sources` re-run it when they change.
 */
export function useLive<T>(
  query: () => Promise<T>,
  sources: WatchSource[] = [],
): Readonly<ShallowRef<T | undefined>> {
  const value = shallowRef<T>();
  let stop = () => {};
  const start = () => {
    stop();
    const subscription = liveQuery(query).subscribe({
      next: (result) => (value.value = result),
      error: (error: unknown) => {
        throw error;
      },
    });
    stop = () => subscription.unsubscribe();
  };
  start();
  if (sources.length > 0) watch(sources, start);
  onScopeDispose(() => stop());
  return value;
}
