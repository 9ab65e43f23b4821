import type { Action } from "@kettlos/core/batch/action";
import { mount } from "@vue/test-utils";
import { beforeEach, expect, test } from "vitest";
import { shallowRef } from "vue";
import { createMemoryHistory, createRouter } from "vue-router";
import { potOf } from "../../../test/pot";
import { db } from "../../data/db";
import { useCookActions } from "./use-cook-actions";

const skim: Action = { id: "skim-1", kind: "skim", atMs: 0, title: "Skim", lookFor: [] };
const routes = [{ path: "/", component: { template: "<i/>" } }];

/** The actions of a pot, in a screen of their own. */
function actions() {
  let made: ReturnType<typeof useCookActions> | null = null;
  mount(
    {
      setup: () => {
        made = useCookActions(shallowRef(potOf("on-fire")));
        return () => null;
      },
    },
    { global: { plugins: [createRouter({ history: createMemoryHistory(), routes })] } },
  );
  if (made === null) throw new Error("no actions");
  return made as ReturnType<typeof useCookActions>;
}

beforeEach(async () => {
  await db.events.clear();
  await db.batches.put(potOf("on-fire").batch);
});

test("tapped twice while the disk is slow it is done once; written, it may be done again", async () => {
  const { goOn } = actions();
  await Promise.all([goOn(skim), goOn(skim)]);
  expect(await db.events.count()).toBe(1);
  await goOn(skim);
  expect(await db.events.count()).toBe(2);
  await Promise.all([goOn(skim), goOn({ ...skim, id: "stir-1", kind: "stir" })]);
  expect(await db.events.count()).toBe(4);
});
