import { db } from "../data/db";
import { router } from "../router";
import { say } from "./notices";

/** An open page looks for a newer version this often, ms. */
const LOOK_EVERY_MS = 30 * 60_000;

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
  const update = registerSW({
    onNeedRefresh: () =>
      say({
        id: "new-version",
        tone: "good",
        title: "A new version of Kettlos is here.",
        text: "What is on the fire stays; every entry is on the disk.",
        ways: [
          { label: "Take it now", run: () => update(true) },
          { label: "After this pot", run: () => undefined },
        ],
      }),
    onRegisteredSW: (_url, registration) => {
      if (registration !== undefined)
        setInterval(() => void registration.update().catch(() => undefined), LOOK_EVERY_MS);
    },
  });
}

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
