<script setup lang="ts">
import { computed, ref } from "vue";
import { usePreferences, type Preference } from "../../data/preferences";
import { sound } from "../../data/sounds";

/** Asked once, each apart: may it ring, may it notify, may it keep the screen on. */
const { answers, isLoaded, answer } = usePreferences();
const QUESTIONS: Record<Preference, { ask: string; yes: string }> = {
  sound: { ask: "Shall it ring when something is due?", yes: "Yes, ring" },
  notify: {
    ask: "Shall it send a notice while you look at something else?",
    yes: "Yes, notify",
  },
  wakeLock: { ask: "Shall the screen stay on while a pot is on the fire?", yes: "Yes, stay on" },
};
const open = computed<Preference | null>(() => {
  if (!isLoaded.value) return null;
  if (answers.value.sound === null) return "sound";
  if (answers.value.wakeLock === null) return "wakeLock";
  return answers.value.notify === null && typeof Notification !== "undefined" ? "notify" : null;
});
const isSilent = ref(false);

async function say(name: Preference, isOn: boolean) {
  if (name === "notify" && isOn) {
    const permission = await Notification.requestPermission();
    return answer("notify", permission === "granted");
  }
  if (name === "sound" && isOn) isSilent.value = !(await sound("due"));
  return answer(name, isOn);
}
</script>

<template>
  <p v-if="open !== null" class="ask">
    <span>{{ QUESTIONS[open].ask }}</span>
    <button type="button" class="button" @click="say(open, true)">{{ QUESTIONS[open].yes }}</button>
    <button type="button" class="button" @click="say(open, false)">No</button>
    <button v-if="open === 'sound'" type="button" class="link" @click="sound('due')">
      Hear it first
    </button>
  </p>
  <p v-if="isSilent" class="ember small">The browser let nothing sound. Tap once and try again.</p>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-4);
  align-items: center;
  padding: var(--space-3) 0;
  border-bottom: 1px solid var(--hair);
  font-size: var(--size-small);
}
</style>
