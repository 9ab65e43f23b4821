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
/** An export with pictures; more is no file of this. */
const MOST_BYTES = 400_000_000;

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
  if (found.kind === "link") return void (await router.push(found.path));
  if (found.kind === "recipe" && store.kitchen === null) return sayNothing(what);
  bring(found.kind, text);
  await router.push(
    found.kind === "recipe" ? "/read" : store.kitchen === null ? "/bench" : "/kitchen",
  );
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
  const isText = file.type === "" || /^text\/|json/u.test(file.type);
  if (!isText || file.size > MOST_BYTES) return sayNothing(file.name);
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
