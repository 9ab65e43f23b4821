import { shallowRef, watch } from "vue";

/** What can be dropped on Kettlos or pasted into it, wherever one is. */
interface Incoming {
  readonly file: Blob;
  readonly recipe: string;
}
type IncomingKind = keyof Incoming;

const waiting = shallowRef<{ readonly kind: IncomingKind; readonly what: unknown } | null>(null);

/** Lays it where the screen that reads such a thing finds it. */
export const bring = <K extends IncomingKind>(kind: K, what: Incoming[K]): void =>
  void (waiting.value = { kind, what });

/** Takes what was brought, also before this screen stood; each once. */
export function useIncoming<K extends IncomingKind>(
  kind: K,
  take: (what: Incoming[K]) => unknown,
): void {
  watch(
    waiting,
    (brought) => {
      if (brought?.kind !== kind) return;
      waiting.value = null;
      void take(brought.what as Incoming[K]);
    },
    { immediate: true },
  );
}
