import { computed, shallowRef, type ComputedRef } from "vue";
import type { Typed } from "./v-typed";

/**
 * What was written in one of several fields and is not kept, being refused or asked about: it stands there, with its
 * reason, until something else is written or it is taken back.
 * @param why of what is only asked about nothing: ""
 */
export function useRefused<Field extends string>(): {
  readonly refuse: (field: Field, written: string, why: string) => void;
  readonly clear: () => void;
  /** For `v-typed`. @param kept what stands in the field otherwise */
  readonly standsIn: (field: Field, kept: string) => Typed;
  /** Why it was refused; of one field, or of whichever it was. */
  readonly whyOf: (field: Field) => string;
  readonly why: ComputedRef<string>;
} {
  const refused = shallowRef<{
    readonly field: Field;
    readonly written: string;
    readonly why: string;
  } | null>(null);
  return {
    refuse: (field, written, why) => (refused.value = { field, written, why }),
    clear: () => (refused.value = null),
    standsIn: (field, kept) => ({
      kept,
      written: refused.value?.field === field ? refused.value.written : kept,
    }),
    whyOf: (field) => (refused.value?.field === field ? refused.value.why : ""),
    why: computed(() => refused.value?.why ?? ""),
  };
}
