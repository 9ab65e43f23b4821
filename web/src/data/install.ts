import { shallowRef } from "vue";

/** What a browser hands over that can put this page among the programs of the device. */
interface InstallOffer extends Event {
  prompt: () => Promise<void>;
}

const offer = shallowRef<InstallOffer | null>(null);

/** Keeps the browser's offer until the cook asks for it: by itself it would come in the middle of a pot. */
export function watchInstall(): void {
  window.addEventListener("beforeinstallprompt", (event) => {
    event.preventDefault();
    offer.value = event as InstallOffer;
  });
  window.addEventListener("appinstalled", () => (offer.value = null));
}

export const canInstall = (): boolean => offer.value !== null;

/** Asks the browser, which asks the cook; each offer is good for once. */
export async function install(): Promise<void> {
  const asked = offer.value;
  offer.value = null;
  await asked?.prompt();
}
