import { db } from "./db";
import { onDisk } from "./on-disk";

const LOCK = "kettlos-incoming";

/** One tab at a time has a file aside. @returns what lets go of it; null where another tab has one */
export async function alone(): Promise<(() => void) | null> {
  const { locks } = navigator as { readonly locks?: LockManager | null };
  if (locks === undefined || locks === null) return () => undefined;
  return new Promise((resolve) => {
    void locks.request(LOCK, { ifAvailable: true }, (lock) => {
      if (lock === null) return resolve(null);
      return new Promise<void>((release) => resolve(release));
    });
  });
}

export const clearAside = (): Promise<void> => onDisk(db.incoming, () => db.incoming.clear());

/** What a page that is gone had aside takes no room any more. */
export async function tidyAside(): Promise<void> {
  if ((await db.incoming.count()) === 0) return;
  const release = await alone();
  if (release === null) return;
  await clearAside();
  release();
}
