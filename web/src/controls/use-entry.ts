import { ref, watch, type Ref } from "vue";
import { NotWritten } from "../data/writing";

/**
 * An entry of a dialog: it closes once the entry is written. Where the disk does not take it, it stays
 * open with what was entered, and `notWritten` says why. A second tap meanwhile writes nothing more.
 */
export function useEntry(shown: Ref<boolean>) {
  const notWritten = ref("");
  let isWriting = false;
  watch(shown, () => (notWritten.value = ""));

  async function keep(write: () => Promise<void>): Promise<void> {
    if (isWriting) return;
    isWriting = true;
    notWritten.value = "";
    try {
      await write();
      shown.value = false;
    } catch (error) {
      if (!(error instanceof NotWritten)) throw error;
      notWritten.value = error.message;
    } finally {
      isWriting = false;
    }
  }
  return { keep, notWritten };
}
