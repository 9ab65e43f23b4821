import { db } from "../data/db";
import { router } from "../router";
import { say } from "./notices";

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

/** A page whose own files are gone from the server, or that a newer one took the database from, says so and can be loaded again. */
export function watchOldPage(): void {
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
