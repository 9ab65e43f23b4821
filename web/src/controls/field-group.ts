import {
  inject,
  onScopeDispose,
  provide,
  ref,
  shallowReactive,
  watch,
  type InjectionKey,
} from "vue";

/** What keeps a field from being kept: null where nothing does. */
type Hindrance = () => string | null;
const GROUP: InjectionKey<Map<symbol, Hindrance>> = Symbol("fields kept together");

/**
 * Fields that are kept together. `isSettled` is asked before they are: with one of them unread, asked
 * about, or empty where it is needed, it says so in `problem` and nothing is kept.
 */
export function useFieldGroup() {
  const fields = shallowReactive(new Map<symbol, Hindrance>());
  provide(GROUP, fields);
  const problem = ref("");
  const first = () => [...fields.values()].map((f) => f()).find((text) => text !== null) ?? "";
  watch(first, (text) => {
    if (problem.value !== "") problem.value = text;
  });
  function isSettled(): boolean {
    problem.value = first();
    return problem.value === "";
  }
  return { problem, isSettled };
}

/** A field's part in the group it stands in, if it stands in one. */
export function useInGroup(hindrance: Hindrance): void {
  const group = inject(GROUP, null);
  if (group === null) return;
  const key = Symbol("field");
  group.set(key, hindrance);
  onScopeDispose(() => group.delete(key));
}
