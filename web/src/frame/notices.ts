import { shallowReactive } from "vue";

/** Something said across every screen until it is answered: a danger over the work, the rest under it. */
export interface Notice {
  readonly id: string;
  readonly tone: "danger" | "note" | "good";
  readonly title: string;
  readonly text?: string;
  /** The pot it is about: its own screens say it at length, so there the text is not said a second time. */
  readonly batchId?: string;
  /** Each ends the notice, unless it says to stay. */
  readonly ways: readonly { readonly label: string; run(): unknown; readonly stays?: boolean }[];
}

/** What stands there now, by id. */
export const notices = shallowReactive(new Map<string, Notice>());

export const say = (notice: Notice): void => void notices.set(notice.id, notice);
export const unsay = (id: string): void => void notices.delete(id);

const UNDO_FOR_MS = 60_000;

/** Says that something was removed, with a way to bring it back for a minute. */
export function sayRemoved(id: string, title: string, bringBack: () => unknown): void {
  say({
    id,
    tone: "note",
    title,
    ways: [
      { label: "Bring it back", run: bringBack },
      { label: "Good", run: () => undefined },
    ],
  });
  setTimeout(() => unsay(id), UNDO_FOR_MS);
}
