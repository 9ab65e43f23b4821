import { say } from "../frame/notices";

/** The disk did not take something; the cook is told already, with a way to try again. */
export class NotWritten extends Error {
  override readonly name = "NotWritten";
}

/** What browsers say when a disk is full, blocked, or taken away under an open page. */
const STORAGE_ERRORS = new Set([
  "QuotaExceededError",
  "InvalidStateError",
  "UnknownError",
  "DatabaseClosedError",
  "OpenFailedError",
  "MissingAPIError",
  "TimeoutError",
  "AbortError",
  "NotFoundError",
]);

const namesOf = (error: unknown): readonly string[] => {
  if (typeof error !== "object" || error === null || !("name" in error)) return [];
  const inner = "inner" in error ? namesOf(error.inner) : [];
  return [String(error.name), ...inner];
};
const isFull = (error: unknown): boolean =>
  namesOf(error).includes("QuotaExceededError") || /quota/i.test(String(error));
/** True where it was the disk, not what was to be written. */
const isStorageError = (error: unknown): boolean =>
  isFull(error) || namesOf(error).some((name) => STORAGE_ERRORS.has(name));

let count = 0;

/**
 * Writes something; where the disk does not take it, says so and keeps it at hand to try again.
 * @throws NotWritten where the disk did not take it; any other error as it is
 */
export async function writing<T>(what: string, write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (!isStorageError(error)) throw error;
    say({
      id: `not-written-${++count}`,
      tone: "danger",
      title: `Not written: ${what}.`,
      text: isFull(error)
        ? "There is no room left on this device for the browser. Make some, or save everything to a file under Kitchen; it waits here meanwhile."
        : "The browser does not let anything be stored just now. It waits here; nothing that was shown as done before is lost.",
      ways: [
        { label: "Try again", run: () => writing(what, write).catch(() => undefined) },
        { label: "Drop it", run: () => undefined },
      ],
    });
    throw new NotWritten(what, { cause: error });
  }
}
