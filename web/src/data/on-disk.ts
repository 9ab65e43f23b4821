import type { Table } from "dexie";
import { db } from "./db";

/** In a transaction of its own: what is written without one is shown before it is on the disk. */
export const onDisk = <T>(table: Table, write: () => PromiseLike<T>): Promise<T> =>
  db.transaction("rw", table, write);
