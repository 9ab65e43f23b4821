import { createPinia, setActivePinia } from "pinia";
import { beforeEach } from "vitest";
import "fake-indexeddb/auto";

// Every test begins with stores of its own.
beforeEach(() => {
  setActivePinia(createPinia());
});
