import { registerSW } from "virtual:pwa-register";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { say } from "./notices";

/** An open page looks for a newer version this often, ms. */
const LOOK_EVERY_MS = 30 * MINUTE_MS;
/** A worker that is taken serves within so long; if not, that is said, ms. */
const SERVES_WITHIN_MS = 10_000;

/** Offers a newer version where there is one, and takes it only when asked. */
export function watchVersions(): void {
  let found: ServiceWorkerRegistration | undefined;
  /** Loaded again once the newer one serves: a page that no worker served yet is not told of that. */
  async function take(): Promise<void> {
    const waiting = found?.waiting ?? null;
    const serves = waiting === null ? undefined : active(waiting);
    const late = setTimeout(sayItComes, SERVES_WITHIN_MS);
    await update(true);
    await serves;
    clearTimeout(late);
    location.reload();
  }
  const update = registerSW({
    onNeedRefresh: () =>
      say({
        id: "new-version",
        tone: "good",
        title: "A new version of Kettlos is here.",
        text: "What is on the fire stays; every entry is on the disk.",
        ways: [
          { label: "Take it now", run: take },
          { label: "After this pot", run: () => undefined },
        ],
      }),
    onNeedReload: () => undefined,
    onRegisteredSW: (_url, registration) => {
      found = registration;
      if (registration !== undefined)
        setInterval(() => void registration.update().catch(() => undefined), LOOK_EVERY_MS);
    },
  });
}

/** Until the older worker is done with what it fetches the page stays as it is: loaded again, it would hang on it. */
const sayItComes = (): void =>
  say({
    id: "new-version-late",
    tone: "note",
    title: "The new version is not here yet.",
    text: "It comes by itself, or once Kettlos is closed and opened again. Go on meanwhile.",
    ways: [{ label: "Good", run: () => undefined }],
  });

/** Once a worker serves. */
const active = (worker: ServiceWorker): Promise<void> =>
  new Promise((resolve) => {
    const look = () => worker.state === "activated" && resolve();
    worker.addEventListener("statechange", look);
    look();
  });
