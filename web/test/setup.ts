import { createPinia, setActivePinia } from "pinia";
import { afterAll, beforeEach, vi } from "vitest";
import "fake-indexeddb/auto";

// Every test begins with stores of its own.
beforeEach(() => {
  setActivePinia(createPinia());
});

// A part that loads by itself (the drawn bones) may outlast its test: were it still on its way when
// the file ends, the next file would be handed a module half read.
afterAll(() => vi.dynamicImportSettled());
