import { shallowRef, watch } from "vue";

/** What can be dropped on Kettlos or pasted into it, wherever one is. */
type IncomingKind = "file" | "recipe";

const waiting = shallowRef<{ readonly kind: IncomingKind; readonly text: string } | null>(null);

/** Lays it where the screen that reads such a thing finds it. */
export const bring = (kind: IncomingKind, text: string): void =>
  void (waiting.value = { kind, text });

/** Takes what was brought, also before this screen stood; each once. */
export function useIncoming(kind: IncomingKind, take: (text: string) => unknown): void {
  watch(
    waiting,
    (brought) => {
      if (brought?.kind !== kind) return;
      waiting.value = null;
      void take(brought.text);
    },
    { immediate: true },
  );
}
