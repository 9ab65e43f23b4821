import { DAY_MS } from "@kettlos/core/units/time";
import { dayOf, isoDayOf } from "@kettlos/core/units/moments";
import { say } from "../frame/notices";
import { db } from "./db";
import { everything, writeFile, type Way, type WrittenFile } from "./file-out";
import { tidyAside } from "./incoming-lock";
import { saveBlob } from "./save-file";

/** Reminded of a backup after so long, where there is something to lose; put off for a week. */
const REMIND_AFTER_MS = 14 * DAY_MS;
const PUT_OFF_MS = 7 * DAY_MS;
const WORTH_IT_BATCHES = 3;
const LAST = "backup:last";
const LATER = "backup:later";
const FOLDER = "folder";

/** A browser that lets a page keep a folder of the device. */
type FolderWindow = Window & {
  showDirectoryPicker?: (options: { mode: "readwrite" }) => Promise<FileSystemDirectoryHandle>;
};
type AskableHandle = FileSystemDirectoryHandle & {
  queryPermission?: (options: { mode: "readwrite" }) => Promise<PermissionState>;
};

export const canKeepFolder = (): boolean =>
  (window as FolderWindow).showDirectoryPicker !== undefined;

/** What is known of the place everything is kept in; null where the browser does not say. */
export interface StorageRoom {
  /** Kept until the cook removes it, or given up by the browser when the disk is full. */
  readonly isLasting: boolean | null;
  readonly usedMB: number | null;
  readonly leftMB: number | null;
}

/** How much room there is, and whether it lasts. */
export async function storageRoom(): Promise<StorageRoom> {
  const { storage } = navigator as Partial<Navigator>;
  const estimate = await storage?.estimate?.().catch(() => null);
  const { usage, quota } = estimate ?? {};
  return {
    isLasting: (await storage?.persisted?.().catch(() => null)) ?? null,
    usedMB: usage === undefined ? null : usage / 1e6,
    leftMB: usage === undefined || quota === undefined ? null : (quota - usage) / 1e6,
  };
}

/** Asks the browser not to give up what is kept here when its disk runs full. */
export async function askToLast(): Promise<boolean> {
  const { storage } = navigator as Partial<Navigator>;
  return (await storage?.persist?.().catch(() => false)) ?? false;
}

const numberAt = async (key: string): Promise<number | null> => {
  const found = await db.settings.get(key);
  return found === undefined ? null : Number(found.value);
};
const setNumber = (key: string, value: number) => db.settings.put({ key, value: String(value) });

/** When everything was last saved to a file, ms; null where it never was. */
export const lastBackupMs = (): Promise<number | null> => numberAt(LAST);

const nameOf = ({ ending }: WrittenFile, nowMs: number): string =>
  `kettlos-${isoDayOf(nowMs)}.${ending}`;

/** Everything to a file that the browser saves. @throws the signal's reason where it is stopped */
export async function saveBackup(way: Way = {}): Promise<void> {
  const all = await everything();
  if (all === null) return;
  const written = await writeFile(all, way);
  saveBlob(nameOf(written, Date.now()), written.blob);
  await setNumber(LAST, Date.now());
}

/** Asks for a folder and writes everything there from now on, each day something was cooked. */
export async function chooseFolder(): Promise<void> {
  const handle = await (window as FolderWindow).showDirectoryPicker?.({ mode: "readwrite" });
  if (handle === undefined) return;
  await db.handles.put({ key: FOLDER, handle });
  await saveToFolder();
}

export const folderName = async (): Promise<string | null> =>
  (await db.handles.get(FOLDER))?.handle.name ?? null;
export const forgetFolder = (): Promise<void> => db.handles.delete(FOLDER);

/** Writes everything to the folder, where one was chosen and may still be written to. */
export async function saveToFolder(): Promise<boolean> {
  const kept = await db.handles.get(FOLDER);
  const handle = kept?.handle as AskableHandle | undefined;
  if (handle === undefined) return false;
  if ((await handle.queryPermission?.({ mode: "readwrite" })) !== "granted") return false;
  const all = await everything();
  if (all === null) return false;
  const written = await writeFile(all);
  const entry = await handle.getFileHandle(nameOf(written, Date.now()), { create: true });
  await written.blob.stream().pipeTo(await entry.createWritable());
  await setNumber(LAST, Date.now());
  return true;
}

/** Backs up to the folder once a day, or reminds of a backup that is long due; the sample needs none. */
export async function careForBackup(nowMs: number): Promise<void> {
  await tidyAside();
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined || kitchen.id === "bramholt") return;
  const last = await lastBackupMs();
  if (last !== null && nowMs - last < DAY_MS) return;
  if (await saveToFolder().catch(() => false)) return;
  const batches = await db.batches.count();
  const laterMs = (await numberAt(LATER)) ?? 0;
  const sinceMs = last ?? (await db.batches.orderBy("createdMs").first())?.createdMs ?? nowMs;
  if (batches < WORTH_IT_BATCHES || nowMs - sinceMs < REMIND_AFTER_MS || nowMs < laterMs) return;
  say({
    id: "backup",
    tone: "note",
    title:
      last === null
        ? "Nothing of this kitchen was ever saved to a file."
        : `Last saved to a file ${dayOf(last)}.`,
    text: `${batches} pots are in this browser and nowhere else.`,
    ways: [
      { label: "Save it all to a file", run: () => saveBackup() },
      { label: "In a week", run: () => setNumber(LATER, nowMs + PUT_OFF_MS) },
    ],
  });
}
