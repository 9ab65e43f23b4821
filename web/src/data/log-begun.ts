import { db } from "./db";
import { newId } from "./new-id";

/** The setting that says which log this is: it changes where the log was not only added to. */
export const LOG_BEGUN = "log:begun";

/** From here on it is another log: what was read of it before is read anew. Part of a transaction on the settings. */
export const beginLogAnew = (): Promise<unknown> =>
  db.settings.put({ key: LOG_BEGUN, value: newId() });

/** Takes pots off their shelves, to be worked out anew. Part of the transaction that adds to their logs. */
export const offTheShelf = (batchIds: readonly string[]): Promise<unknown> =>
  db.shelved.where("batchId").anyOf(batchIds).delete();

/** The words of the log have changed: what it teaches is put together anew, also where that is just being done. */
export const forgetBasis = (): Promise<unknown> =>
  db.learned.toCollection().modify({ basis: `changed ${newId()}` });
