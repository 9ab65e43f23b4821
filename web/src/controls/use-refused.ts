import { shallowRef, type ShallowRef } from "vue";
import type { Typed } from "./v-typed";

/** What was written in a field and is not kept. */
export interface Refused<Field> {
  readonly field: Field;
  readonly written: string;
  /** Nothing, "", where it is only asked about. */
  readonly why: string;
}

/**
 * What was written in one of several fields and is not kept, being refused or asked about: it stands there, with its
 * reason, until something else is written or it is taken back.
 */
export function useRefused<Field extends string>(): {
  readonly refused: Readonly<ShallowRef<Refused<Field> | null>>;
  readonly refuse: (field: Field, written: string, why: string) => void;
  readonly clear: () => void;
  /** For `v-typed`. @param kept what stands in the field otherwise */
  readonly standsIn: (field: Field, kept: string) => Typed;
} {
  const refused = shallowRef<Refused<Field> | null>(null);
  return {
    refused,
    refuse: (field, written, why) => (refused.value = { field, written, why }),
    clear: () => (refused.value = null),
    standsIn: (field, kept) => ({
      kept,
      written: refused.value?.field === field ? refused.value.written : kept,
    }),
  };
}
