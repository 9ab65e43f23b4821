<script setup lang="ts">
import { factorWords, taughtWords, timesWords } from "@kettlos/core/learn/say-taught";
import type { TaughtBy } from "@kettlos/core/learn/taught";
import type { TaughtShown } from "@kettlos/core/learn/taught-shown";
import { computed, ref } from "vue";
import FactorScale from "./FactorScale.vue";

/** One thing that was learned: what it is against the usual, how sure, and from which pots. */
const props = defineProps<{
  value: TaughtShown;
  /** All its pots, once they were asked for and are there. */
  all: readonly TaughtBy[] | null;
  name: string;
  potName: (potId: string) => string;
}>();
const emit = defineEmits<{
  anew: [];
  freeze: [isKept: boolean];
  leaveOut: [potId: string];
  wantAll: [];
}>();

const isOpen = ref(false);
/** The latest; all of them when asked for. */
const AT_ONCE = 30;
const most = ref(AT_ONCE);
const latest = computed(() => (props.all ?? props.value.from).slice(-most.value));
function showAll() {
  most.value = Infinity;
  emit("wantAll");
}
const said = computed(() => `${props.name} ${taughtWords(props.value)}`);
const weightWords = ({ weight, isWild }: TaughtBy) =>
  isWild
    ? "hardly believed"
    : weight > 0.75
      ? "counts"
      : weight > 0.4
        ? "counts half"
        : "counts little";
</script>

<template>
  <li>
    <div class="what">
      <h3>{{ name }}</h3>
      <p>
        <strong>{{ factorWords(value.kind, value.factor) }}</strong>{{
          taughtWords(value).slice(factorWords(value.kind, value.factor).length)
        }}.
      </p>
    </div>
    <FactorScale :value :label="said" />
    <button type="button" class="link" :aria-expanded="isOpen" @click="isOpen = !isOpen">
      {{
        isOpen
          ? "Less"
          : value.fromCount === 1
            ? "Its pot"
            : `Its ${timesWords(value.kind, value.fromCount)}`
      }}
    </button>
    <div v-if="isOpen" class="pots">
      <ul>
        <li v-for="(pot, i) in latest" :key="i">
          <RouterLink :to="`/logbook/${pot.potId}`">{{ potName(pot.potId) }}</RouterLink>
          <span>{{ factorWords(value.kind, pot.factor) }}</span>
          <span class="quiet">{{ weightWords(pot) }}</span>
          <button
            type="button"
            class="link"
            :aria-label="`Leave ${potName(pot.potId)} out`"
            @click="$emit('leaveOut', pot.potId)"
          >
            Leave it out
          </button>
        </li>
      </ul>
      <button v-if="value.fromCount > latest.length" type="button" class="link" @click="showAll">
        The last {{ latest.length }}; all {{ value.fromCount }}
      </button>
      <p class="ways">
        <button type="button" class="button" @click="$emit('freeze', !value.isFrozen)">
          {{ value.isFrozen ? "Let its pots move it" : "Keep it as it is" }}
        </button>
        <button type="button" class="button" @click="$emit('anew')">Begin anew</button>
        <span class="quiet small">
          {{
            value.isFrozen
              ? "Kept: what is cooked since moves nothing."
              : "Anew, as after a new burner: what was cooked before counts no more."
          }}
        </span>
      </p>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(220px, 1fr) minmax(260px, 420px) 124px;
  gap: var(--space-2) var(--space-7);
  align-items: center;
  padding: var(--space-4) 0;
  border-bottom: 1px solid var(--hair);
}

h3 {
  font-weight: 650;
}

.pots {
  grid-column: 1 / -1;
  padding: 0 0 var(--space-3) var(--space-6);
  border-left: 4px solid var(--broth);
}

.pots li {
  grid-template-columns: minmax(180px, 1.2fr) minmax(160px, 1fr) 120px 110px;
  padding: 0;
  border: 0;
}

.pots a,
.link {
  min-height: 44px;
  line-height: 44px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-6);
  align-items: center;
  padding: var(--space-3) 0;
}

@media (width <= 900px) {
  li,
  .pots li {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
  }

  .pots {
    justify-self: stretch;
  }

  .pots li {
    gap: 0;
    padding: var(--space-3) 0;
    border-bottom: 1px solid var(--hair);
  }

  .pots .link {
    padding-inline: 0;
  }
}
</style>
