<script setup lang="ts">
import { ref } from "vue";
import { usePreferences, type Preference } from "../../data/preferences";
import { sound } from "../../data/sounds";

/** How a pot calls: each allowed or not, and tried out here. */
const { answers, answer } = usePreferences();
const LABELS: Record<Preference, string> = {
  sound: "It rings when something is due",
  notify: "It sends a notice while you look at something else",
  wakeLock: "The screen stays on while a pot is on the fire",
};
const NAMES: readonly Preference[] = ["sound", "notify", "wakeLock"];
const said = ref("");

async function set(name: Preference, isOn: boolean) {
  said.value = "";
  if (name === "notify" && isOn) {
    const isGranted =
      typeof Notification !== "undefined" && (await Notification.requestPermission()) === "granted";
    if (!isGranted)
      said.value = "The browser does not allow notices here. Allow them in its settings.";
    return answer("notify", isGranted);
  }
  return answer(name, isOn);
}
async function check() {
  said.value = (await sound("danger"))
    ? "That is how danger calls. Two notes alone: something is due."
    : "The browser let nothing sound. Tap once more, and look at the volume.";
}
</script>

<template>
  <h2>How a pot calls</h2>
  <label v-for="name in NAMES" :key="name" class="check">
    <input
      type="checkbox"
      :checked="answers[name] === true"
      @change="set(name, ($event.target as HTMLInputElement).checked)"
    />
    {{ LABELS[name] }}
  </label>
  <p>
    <button type="button" class="button" @click="check">Sound check</button>
  </p>
  <p v-if="said !== ''" class="small" role="status">{{ said }}</p>
</template>
