<script setup lang="ts">
import { ONE_COOK } from "@kettlos/core/simulate/hands";
import { USUAL_SLEEP } from "@kettlos/core/simulate/usual-sleep";
import type { Hand, Window } from "@kettlos/core/simulate/hands-schema";
import { computed, ref } from "vue";
import NameField from "../../controls/NameField.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { newId } from "../../data/new-id";
import WindowRow from "./WindowRow.vue";

/** Who cooks here, when each is in the kitchen, away and asleep; and what may run with nobody up. */
const store = useKitchenStore();
const hands = computed<readonly Hand[]>(() => {
  const all = store.kitchen?.hands ?? [];
  return all.length === 0 ? [ONE_COOK] : all;
});
const runsAlone = computed(() => store.kitchen?.runsAlone);
const problem = ref("");
/** The nights that begin on Friday and Saturday. */
const WEEKEND = [5, 6];

type List = "there" | "away" | "nights";
const NEW: Record<List, Omit<Window, "weekdays">> = {
  there: { from: "09:00", to: "17:00" },
  away: { from: "09:00", to: "17:00" },
  nights: { from: "00:00", to: "08:00" },
};

const keep = (next: readonly Hand[]) => store.change({ hands: [...next] });
const set = (hand: Hand, part: Partial<Hand>) =>
  keep(hands.value.map((h) => (h.id === hand.id ? { ...h, ...part } : h)));
const add = () =>
  keep([
    ...hands.value,
    { id: newId(), name: "Helper", there: [], away: [], sleep: { ...USUAL_SLEEP } },
  ]);
const remove = (hand: Hand) => store.remove("hands", hand.id);
const put = (hand: Hand, list: List, i: number, window: Window | null) =>
  set(hand, {
    [list]: (hand[list] ?? []).flatMap((w, n) => (n !== i ? [w] : window === null ? [] : [window])),
  });
const more = (hand: Hand, list: List) =>
  set(hand, {
    [list]: [...(hand[list] ?? []), { ...NEW[list], weekdays: list === "nights" ? WEEKEND : [] }],
  });
function sleepAt(hand: Hand, part: "from" | "to", event: Event) {
  const { value } = event.target as HTMLInputElement;
  if (value === "") return;
  const sleep = { ...(hand.sleep ?? USUAL_SLEEP), [part]: value };
  problem.value =
    sleep.from === sleep.to ? `${hand.name} would sleep all day: from and to are the same.` : "";
  if (problem.value === "") void set(hand, { sleep });
}
const toggleSleep = (hand: Hand) =>
  set(hand, { sleep: hand.sleep === null ? { ...USUAL_SLEEP } : null });

/** Busy times of a calendar file: then this one is away. */
async function readBusy(hand: Hand, event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = "";
  if (file === undefined) return;
  const { busyIn } = await import("./busy-times");
  const read = busyIn(await file.text(), Date.now());
  problem.value = read.problem;
  if (read.windows.length > 0)
    await set(hand, { away: [...hand.away, ...read.windows].slice(-MOST_AWAY) });
}
const MOST_AWAY = 400;
const quiet = computed<readonly Window[]>(() => store.kitchen?.quiet ?? []);
const keepQuiet = (next: readonly Window[]) => store.change({ quiet: [...next] });
const putQuiet = (i: number, window: Window | null) =>
  keepQuiet(quiet.value.flatMap((w, n) => (n !== i ? [w] : window === null ? [] : [window])));
const addQuiet = () => keepQuiet([...quiet.value, { from: "13:00", to: "15:00", weekdays: [] }]);
const ALONE = [
  { key: "slowCooker", label: "the slow cooker" },
  { key: "oven", label: "the oven" },
  { key: "electricPressure", label: "an electric pressure cooker" },
] as const;
</script>

<template>
  <h2 id="hands">Who cooks</h2>
  <ul class="hands">
    <li v-for="hand in hands" :key="hand.id">
      <div class="beside">
        <label
          ><span class="visually-hidden">Name</span>
          <NameField
            label="Name"
            :value="hand.name"
            :most="40"
            @change="set(hand, { name: $event })"
        /></label>
        <label class="check"
          ><input
            type="checkbox"
            :checked="hand.sleep !== null"
            @change="toggleSleep(hand)"
          />sleeps</label
        >
        <template v-if="hand.sleep !== null">
          <label class="time"
            >from
            <input
              class="written"
              type="time"
              :value="hand.sleep.from"
              @change="sleepAt(hand, 'from', $event)"
          /></label>
          <label class="time"
            >to
            <input
              class="written"
              type="time"
              :value="hand.sleep.to"
              @change="sleepAt(hand, 'to', $event)"
          /></label>
        </template>
        <button
          v-if="hands.length > 1"
          type="button"
          class="link"
          :aria-label="`Remove ${hand.name}`"
          @click="remove(hand)"
        >
          Remove
        </button>
      </div>
      <p v-if="hand.there.length === 0" class="quiet small">Here all day.</p>
      <WindowRow
        v-for="(window, i) in hand.there"
        :key="`there ${i}`"
        word="Here"
        :window
        @change="put(hand, 'there', i, $event)"
      />
      <WindowRow
        v-for="(window, i) in hand.away"
        :key="`away ${i}`"
        word="Away"
        :window
        @change="put(hand, 'away', i, $event)"
      />
      <template v-if="hand.sleep !== null">
        <WindowRow
          v-for="(window, i) in hand.nights ?? []"
          :key="`night ${i}`"
          word="Sleeps in the night of"
          :window
          @change="put(hand, 'nights', i, $event)"
        />
      </template>
      <p class="beside">
        <button v-if="hand.sleep !== null" type="button" class="link" @click="more(hand, 'nights')">
          Other nights
        </button>
        <button type="button" class="link" @click="more(hand, 'there')">Here only at times</button>
        <button type="button" class="link" @click="more(hand, 'away')">Away at times</button>
        <label class="link busy"
          >Busy times from a calendar file
          <input
            class="visually-hidden"
            type="file"
            accept=".ics,text/calendar"
            @change="readBusy(hand, $event)"
        /></label>
      </p>
    </li>
  </ul>
  <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
  <button type="button" class="button" @click="add">Add a helper</button>
  <h3>Quiet hours</h3>
  <p v-if="quiet.length === 0" class="quiet small">None: there may be noise at any hour.</p>
  <WindowRow
    v-for="(window, i) in quiet"
    :key="`quiet ${i}`"
    word="Quiet"
    :window
    @change="putQuiet(i, $event)"
  />
  <p class="quiet small">
    Nothing is chopped, fried or blended then. What simmers goes on, and what is stirred is stirred.
  </p>
  <button type="button" class="button" @click="addQuiet">Add quiet hours</button>
  <template v-if="runsAlone">
    <h3>May run while nobody is up</h3>
    <label v-for="a in ALONE" :key="a.key" class="check"
      ><input
        type="checkbox"
        :checked="runsAlone[a.key]"
        @change="store.change({ runsAlone: { ...runsAlone, [a.key]: !runsAlone[a.key] } })"
      />{{ a.label }}</label
    >
    <p class="quiet small">
      As the maker of each allows in its handbook, and never a flame: whoever sleeps or goes out
      turns the ring off first. Local fire rules and the insurer of the house come before this.
    </p>
  </template>
</template>

<style scoped>
h3 {
  margin: var(--space-7) 0 var(--space-4);
}

h3 + p,
.button {
  margin-top: var(--space-4);
}

.hands li {
  padding: var(--space-4) 0;
  border-bottom: 1px solid var(--hair);
}

.time {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}

.link {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
}

.busy:focus-within {
  outline: var(--focus);
  outline-offset: 2px;
}
</style>
