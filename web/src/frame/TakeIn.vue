<script setup lang="ts">
import { useEventListener } from "@vueuse/core";
import { ref } from "vue";
import { useRouter } from "vue-router";
import { bring } from "../data/incoming";
import { useKitchenStore } from "../data/kitchen-store";
import { say } from "./notices";
import { OPEN_DIALOG } from "./shortcuts";
import { whatIs } from "./what-is";

/** A file dropped anywhere, a recipe or a link pasted anywhere: each goes to the screen that reads it. */
const store = useKitchenStore();
const router = useRouter();
const isOver = ref(false);
/** More than this is no recipe, and of no file is more needed to know it. */
const MOST_TEXT_BYTES = 2_000_000;
const HEAD_BYTES = 2000;

const sayNothing = (what: string) =>
  say({
    id: "not-read",
    tone: "note",
    title: `${what} is nothing that Kettlos reads.`,
    text: "It reads its own files, a recipe as text, and a schema.org recipe.",
    ways: [{ label: "Good", run: () => undefined }],
  });

async function take(text: string, what: string) {
  const found = whatIs(text);
  if (found === null) return sayNothing(what);
  if (found.kind === "file") return takeFile(new Blob([text]));
  if (found.kind === "link") return void (await router.push(found.path));
  if (store.kitchen === null) return sayNothing(what);
  bring("recipe", text);
  await router.push("/read");
}
async function takeFile(file: Blob) {
  bring("file", file);
  await router.push(store.kitchen === null ? "/bench" : "/kitchen");
}
/** Compressed, or by its head: such a file may be larger than any text. */
async function isKettlosFile(file: File): Promise<boolean> {
  if (/gzip/u.test(file.type) || file.name.endsWith(".gz")) return true;
  return whatIs(await file.slice(0, HEAD_BYTES).text())?.kind === "file";
}

const hasFiles = (event: DragEvent) => event.dataTransfer?.types.includes("Files") === true;
useEventListener(window, "dragover", (event: DragEvent) => {
  if (!hasFiles(event)) return;
  event.preventDefault();
  isOver.value = true;
});
useEventListener(window, "dragleave", (event: DragEvent) => {
  if (event.relatedTarget === null) isOver.value = false;
});
useEventListener(window, "drop", async (event: DragEvent) => {
  isOver.value = false;
  if (!hasFiles(event)) return;
  event.preventDefault();
  const file = event.dataTransfer?.files[0];
  if (file === undefined) return;
  if (await isKettlosFile(file)) return takeFile(file);
  const isText = file.type === "" || /^text\/|json/u.test(file.type);
  if (!isText || file.size > MOST_TEXT_BYTES) return sayNothing(file.name);
  await take(await file.text(), file.name);
});
useEventListener(window, "paste", (event: ClipboardEvent) => {
  // What is pasted into a field belongs there.
  const { target } = event;
  if (target instanceof HTMLElement && target.closest("input, textarea, [contenteditable]")) return;
  // Nor is what stands in an open dialog left behind.
  if (document.querySelector(OPEN_DIALOG) !== null) return;
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (whatIs(text) !== null) void take(text, "");
});
</script>

<template>
  <div v-if="isOver" class="over" aria-hidden="true">
    <p>Drop it: a Kettlos file or a recipe</p>
  </div>
</template>

<style scoped>
.over {
  position: fixed;
  inset: 0;
  z-index: 20;
  display: grid;
  place-items: center;
  border: 6px solid var(--rim);
  background: var(--rim-soft);
  opacity: 0.94;
  pointer-events: none;
}

p {
  font: 700 var(--size-head)/34px var(--head);
}
</style>
