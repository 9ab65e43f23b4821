import { MINUTE_MS } from "@kettlos/core/units/time";
import { db } from "../data/db";
import { router } from "../router";
import { say } from "./notices";

/** An open page looks for a newer version this often, ms. */
const LOOK_EVERY_MS = 30 * MINUTE_MS;
/** A worker that is taken serves within so long; if not, that is said, ms. */
const SERVES_WITHIN_MS = 10_000;

/** Says that this browser keeps nothing, and what works all the same. */
export function sayNothingIsKept(): void {
  say({
    id: "memory",
    tone: "danger",
    title: "This browser keeps nothing here.",
    text: "A private window, or storage that is blocked: you can plan and cook, but all of it is gone when this page closes. Save it to a file under Kitchen before.",
    ways: [{ label: "I know", run: () => undefined }],
  });
}

/**
 * Offers a newer version where there is one, and takes it only when asked. A page whose own files are gone
 * from the server is loaded again instead of hanging on them.
 */
export async function watchVersions(): Promise<void> {
  watchOldPage();
  const { registerSW } = await import("virtual:pwa-register");
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

function watchOldPage(): void {
  // A newer page brings the database up: this one lets go of it and says so.
  db.on("versionchange", () => {
    db.close();
    sayOld("A newer Kettlos was opened in another tab. Load this one again to go on.");
    return false;
  });
  window.addEventListener("vite:preloadError", (event) => {
    event.preventDefault();
    sayOld("A part of this page belongs to an older version and cannot be had any more.");
  });
  router.onError(() => sayOld("This screen could not be loaded. Load the page again."));
}

const sayOld = (title: string): void =>
  say({
    id: "old-page",
    tone: "danger",
    title,
    text: "Every entry that was shown is on the disk.",
    ways: [{ label: "Load again", run: () => location.reload(), stays: true }],
  });
