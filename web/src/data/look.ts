import { usePreferredDark, useStorage } from "@vueuse/core";
import { watchEffect } from "vue";

/** Day, night, or as the system says. */
type Look = "system" | "day" | "night";

const look = useStorage<Look>("kettlos-look", "system");

/** The look of the screen, kept in this browser and set on the document. */
export function useLook() {
  const dark = usePreferredDark();
  watchEffect(() => {
    const night = look.value === "night" || (look.value === "system" && dark.value);
    document.documentElement.dataset["look"] = night ? "night" : "day";
  });
  return look;
}
