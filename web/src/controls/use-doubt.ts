import { ref, type Ref } from "vue";

/**
 * What is hardly possible is asked about once before it is kept. `doubt` says what is odd of what is written,
 * or null; `guard` keeps it where nothing is, and else asks. Only `confirm`, the cook's own yes, keeps what
 * was asked about; `withdraw` takes the question back, also as soon as something else is typed.
 */
export function useDoubt(doubt: () => string | null): {
  readonly asked: Readonly<Ref<string | null>>;
  guard: (keep: () => void) => void;
  confirm: (keep: () => void) => void;
  withdraw: () => void;
} {
  const asked = ref<string | null>(null);
  const withdraw = () => (asked.value = null);
  return {
    asked,
    guard: (keep) => {
      asked.value = doubt();
      if (asked.value === null) keep();
    },
    confirm: (keep) => {
      withdraw();
      keep();
    },
    withdraw,
  };
}
