import { expect, test } from "vitest";
import { sample } from "../../../test/pot";
import type { PlannedBand } from "../../data/planned-bands";
import { inOrder, orderToKeep } from "./to-start";

const [one, two, three] = sample.plans.slice(0, 3) as [
  (typeof sample.plans)[0],
  (typeof sample.plans)[0],
  (typeof sample.plans)[0],
];
const band = (plan: typeof one, lightMs: number) => ({ plan, lightMs }) as PlannedBand;
const ids = (rows: ReturnType<typeof inOrder>) => rows.map((r) => r.plan.id);

test("all known: by when they start, wherever they stood", () => {
  expect(ids(inOrder([band(one, 300), band(two, 100)], [], [one.id, two.id]))).toEqual([
    two.id,
    one.id,
  ]);
});

test("while one is worked out each keeps its place; one that had none comes first", () => {
  const planned = [band(one, 300), band(two, 100)];
  expect(ids(inOrder(planned, [three], [one.id, three.id, two.id]))).toEqual([
    one.id,
    three.id,
    two.id,
  ]);
  const rows = inOrder(planned, [three], []);
  expect(ids(rows)).toEqual([three.id, two.id, one.id]);
  expect(rows.map((r) => r.band === null)).toEqual([true, false, false]);
});

test("an order is kept once each has its place, and not before", () => {
  const planned = [band(one, 300), band(two, 100)];
  expect(orderToKeep(inOrder(planned, [three], [three.id]))).toBeNull();
  expect(orderToKeep(inOrder(planned, [], []))).toBe(`${two.id} ${one.id}`);
  expect(orderToKeep([])).toBe("");
});
