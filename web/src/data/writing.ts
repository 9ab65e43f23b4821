import { say } from "../frame/notices";

/** The disk did not take something. Its message is for the cook, who is told it where the entry waits. */
export class NotWritten extends Error {
  override readonly name = "NotWritten";
}

/** Where something waits that the disk did not take: in the strip over every screen, or in the open dialog. */
export type Waits = "inStrip" | "inItsDialog";

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
const isNotLoaded = (error: unknown): boolean => namesOf(error).includes("NotLoadedError");
/** True where it was the disk, or what checks it has not come; not what was to be written. */
const isOutOfReach = (error: unknown): boolean =>
  isFull(error) || isNotLoaded(error) || namesOf(error).some((name) => STORAGE_ERRORS.has(name));

function whyNot(error: unknown): string {
  if (isFull(error))
    return "There is no room left on this device for the browser. Make some, or save everything to a file under Kitchen; it waits here meanwhile.";
  return isNotLoaded(error)
    ? "A part of Kettlos has not come, and the network is away. It waits here; try again once that is back."
    : "The browser does not let anything be stored just now. It waits here; nothing that was shown as done before is lost.";
}

let count = 0;

/**
 * Writes something; where the disk does not take it, says so and keeps it at hand to try again. What waits
 * in its dialog is not offered a second time in the strip: it would be written twice.
 * @throws NotWritten where the disk did not take it; any other error as it is
 */
export async function writing<T>(
  what: string,
  write: () => Promise<T>,
  waits: Waits = "inStrip",
): Promise<T> {
  try {
    return await write();
  } catch (error) {
    if (!isOutOfReach(error)) throw error;
    const title = `Not written: ${what}.`;
    const text = whyNot(error);
    if (waits === "inItsDialog") throw new NotWritten(`${title} ${text}`, { cause: error });
    say({
      id: `not-written-${++count}`,
      tone: "danger",
      title,
      text,
      ways: [
        { label: "Try again", run: () => writing(what, write).catch(() => undefined) },
        { label: "Drop it", run: () => undefined },
      ],
    });
    throw new NotWritten(`${title} ${text}`, { cause: error });
  }
}
