import { linkStateOf, type LinkState } from "@kettlos/core/instruments/link-state";
import type { Samples } from "@kettlos/core/instruments/messages";
import { defineStore } from "pinia";
import { computed, shallowReactive, watch } from "vue";
import { db } from "./db";
import { InstrumentConnection, type Source } from "./instrument-connection";
import { usePotsStore } from "./pots-store";
import { appendEvents, type NewEvent } from "./repository";
import { useLive } from "./use-live";

const PREFIX = "link:";
const key = (batchId: string) => `${PREFIX}${batchId}`;

/** What a pot's instruments say now. */
interface Heard {
  readonly sinceMs: number;
  readonly latest: Samples | null;
  readonly lastMs: number | null;
}

export interface Link {
  readonly source: Source;
  readonly state: LinkState;
  readonly latest: Samples | null;
}

/** Links pots to instruments, listens, and keeps what is worth keeping as readings. */
export const useInstrumentsStore = defineStore("instruments", () => {
  const pots = usePotsStore();
  const stored = useLive(() => db.settings.where("key").startsWith(PREFIX).toArray());
  const open = new Map<string, InstrumentConnection>();
  const heard = shallowReactive(new Map<string, Heard>());

  const wanted = computed(() => {
    const links = new Map(stored.value?.map((s) => [s.key.slice(PREFIX.length), s.value]));
    return pots.live.flatMap(({ batch, cook }) => {
      const { practice } = batch;
      // In a lesson eye, stick and thermometer are what is practised.
      const isByItself = practice !== undefined && practice.lesson === undefined;
      const source = links.get(batch.id) ?? (isByItself ? "simulated" : null);
      return source === null || cook.strainedMs !== null ? [] : [{ batchId: batch.id, source }];
    });
  });

  watch(
    () => wanted.value.map((w) => `${w.batchId}|${w.source}`).join("\n"),
    () => {
      for (const [batchId, connection] of open)
        if (!wanted.value.some((w) => w.batchId === batchId && w.source === connection.source)) {
          connection.close();
          open.delete(batchId);
          heard.delete(batchId);
        }
      for (const { batchId, source } of wanted.value)
        if (!open.has(batchId)) open.set(batchId, connect(batchId, source));
    },
    { immediate: true },
  );
  // A simulated pot follows what the cook does; a failure here shows as silence on the stream.
  watch(
    () => pots.live.map((p) => `${p.events.length}|${p.batch.practice?.realMs ?? 0}`).join(),
    () => {
      for (const connection of open.values()) connection.follow().catch(() => undefined);
    },
  );

  function connect(batchId: string, source: Source): InstrumentConnection {
    heard.set(batchId, { sinceMs: Date.now(), latest: null, lastMs: null });
    return new InstrumentConnection(batchId, source, {
      pot: () => pots.open.get(batchId) ?? null,
      samples: (latest) => {
        const sinceMs = heard.get(batchId)?.sinceMs ?? Date.now();
        heard.set(batchId, { sinceMs, latest, lastMs: Date.now() });
      },
      keep: (events) => void keep(batchId, events),
    });
  }

  async function keep(batchId: string, events: readonly NewEvent[]): Promise<void> {
    const cook = pots.open.get(batchId)?.cook;
    if (cook === undefined || cook.litMs === null || cook.offMs !== null) return;
    await appendEvents(batchId, events);
  }

  function linkOf(batchId: string): Link | null {
    const source = wanted.value.find((w) => w.batchId === batchId)?.source;
    const last = heard.get(batchId);
    if (source === undefined || last === undefined) return null;
    return {
      source,
      state: linkStateOf(last.lastMs, last.sinceMs, Math.max(pots.nowMs, last.lastMs ?? 0)),
      latest: last.latest,
    };
  }

  /** Links a pot to a source, or to none. */
  async function link(batchId: string, source: Source | null): Promise<void> {
    if (source === null) await db.settings.delete(key(batchId));
    else await db.settings.put({ key: key(batchId), value: source });
  }

  return { linkOf, link };
});
