import { readonly, ref, type Ref } from "vue";

/** The two families of every screen. */
const FAMILIES = ["Figtree Variable", "Bricolage Grotesque Variable"];
/** Longer than this nobody waits for letters; what is there by then is read in others. */
const LATEST_MS = 1000;

/** Whether the letters have come, or will not: what was set in others before would break its lines anew, and move. */
export function useLetters(): Readonly<Ref<boolean>> {
  const areHere = ref(false);
  const come = Promise.all(FAMILIES.map((name) => document.fonts.load(`1em "${name}"`)));
  const late = new Promise((resolve) => setTimeout(resolve, LATEST_MS));
  const goOn = () => void (areHere.value = true);
  void Promise.race([come, late]).then(goOn, goOn);
  return readonly(areHere);
}
