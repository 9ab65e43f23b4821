import { ref, watch, type Ref } from "vue";

/**
 * What is hardly possible is asked about once before it is kept. `doubt` says what is odd, or null; `guard`
 * keeps it where nothing is, or the cook has said that it is so.
 */
export function useDoubt(doubt: () => string | null): {
  readonly asked: Readonly<Ref<string | null>>;
  guard: (keep: () => void) => void;
  correct: () => void;
} {
  const asked = ref<string | null>(null);
  watch(doubt, (odd) => {
    if (asked.value !== odd) asked.value = null;
  });
  return {
    asked,
    guard: (keep) => {
      const odd = doubt();
      if (odd !== null && asked.value !== odd) {
        asked.value = odd;
        return;
      }
      asked.value = null;
      keep();
    },
    correct: () => (asked.value = null),
  };
}
