import { expect, test } from "vitest";
import type { Caution } from "../safety/caution";
import { atTheStove } from "./at-the-stove";

const caution = (id: string, ...places: Caution["places"]): Caution => ({
  id,
  places,
  severity: "note",
  title: id,
  text: id,
  rule: id,
  whose: "kitchen practice",
});
const ALL = [
  caution("flame", "plan", "cook"),
  caution("flameAtNight", "plan", "cook"),
  caution("dry", "cook"),
  caution("bonesBare", "cook"),
  caution("beans", "plan", "cook"),
  caution("blendHot", "cook"),
  caution("sound", "cook"),
  caution("cooling", "strain"),
];
const said = (litMs: number | null, offMs: number | null, ...kinds: ("workAfter" | "boils")[]) =>
  atTheStove(
    ALL,
    { litMs, offMs },
    kinds.map((kind) => ({ kind })),
  ).map((c) => c.id);

test("before it burns the flame and the beans are spoken of; nothing of the sieve", () => {
  expect(said(null, null)).toEqual(["flame", "flameAtNight", "dry", "bonesBare", "beans", "sound"]);
});

test("once it burns the beans are judged as they boil; once it is off no flame is spoken of", () => {
  expect(said(1, null)).toEqual(["flame", "flameAtNight", "dry", "bonesBare", "sound"]);
  expect(said(1, 2)).toEqual(["sound"]);
});

test("what is blended hot is said where it is blended", () => {
  expect(said(1, 2, "boils")).not.toContain("blendHot");
  expect(said(1, 2, "workAfter")).toContain("blendHot");
});
