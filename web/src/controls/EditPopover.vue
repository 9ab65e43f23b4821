<script setup lang="ts">
import { onClickOutside, useEventListener } from "@vueuse/core";
import { nextTick, onBeforeUnmount, onMounted, toRef, useTemplateRef } from "vue";

/**
 * What opens beside a thing that can be changed or explained. Mount it only while it is open: it takes
 * the focus, gives it back, and asks to be shut by Escape or a tap elsewhere.
 */
const props = defineProps<{ anchor: HTMLElement; width: number; label: string }>();
const emit = defineEmits<{ shut: [] }>();
const body = useTemplateRef<HTMLElement>("body");

onMounted(async () => {
  await nextTick();
  body.value?.querySelector<HTMLElement>("input:not([type=radio]), button, input")?.focus();
});
onBeforeUnmount(() => {
  if (body.value?.contains(document.activeElement)) props.anchor.focus();
});
onClickOutside(body, () => emit("shut"), {
  ignore: [toRef(() => props.anchor), ".el-popper", ".el-overlay"],
});
useEventListener(document, "keydown", (event: KeyboardEvent) => {
  if (event.key !== "Escape" || event.defaultPrevented) return;
  props.anchor.focus();
  emit("shut");
});
</script>

<template>
  <ElPopover
    :visible="true"
    virtual-triggering
    :virtual-ref="anchor"
    placement="bottom-start"
    :width="width"
    :popper-style="{ maxWidth: '94vw' }"
  >
    <div ref="body" role="dialog" :aria-label="label"><slot /></div>
  </ElPopover>
</template>
