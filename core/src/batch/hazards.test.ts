import { resolve } from "../simulate/set-pot";
import { DAY_MS } from "../units/time";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { simulated } from "../../test/simulated";
import { CODES } from "../cool/codes";
import { dishOf } from "../dish/dish-of";
import { portionCautions, shelfCautions } from "../larder/larder-cautions";
import { keepingOf, whyNotFrozen, type Stay } from "../larder/keeping";
import { petHazardsIn } from "../larder/pet-hazards";
import type { Caution } from "../safety/caution";
import { cautionsFor } from "../safety/rules";
import { solidsHazards } from "../safety/solids";
import type { Plan } from "../simulate/plan-schema";

import { chillingNow } from "../../test/chilling";
import { fold } from "./fold";
import { onFire } from "./on-fire";

/** What is told of a hazard, and where. */
interface Told {
  readonly severity: string;
  readonly places: readonly string[];
}
type Look = () => Told | null;

/** A hazard: ways it comes up, some of them round about, all of them told; and its safe side. */
interface Row {
  readonly hazard: string;
  /** Every place where one of the ways is told. */
  readonly shownOn: readonly string[];
  readonly ways: Readonly<Record<string, Look>>;
  readonly safe: Readonly<Record<string, Look>>;
}

const kitchen = testKitchen({ altitudeM: 0 });
const START = { at: "start" } as const;
const thing = (id: string, ingredientId: string, massKg: number, rest: object = {}) =>
  ({ id, ingredientId, massKg, when: START, ...rest }) as Plan["items"][number];
/** Cooked here before, and out of the larder. */
const ready = (id: string, massKg: number) =>
  thing(id, "houseStock", massKg, {
    fromLotId: "l",
    label: { allergens: [], madeOf: ["beefChuck"] },
  });
const cube = (m: number) => ({ piece: { kind: "brick", sizeM: [m, m, m] } });
const SOAKED = { work: [{ kind: "soak" }] };

type Over = Record<string, unknown>;
const stock = (over: Over = {}): Plan => testPlan(over as never);
const braise = (over: Over = {}): Plan => testBraise({ end: "served", ...over } as never);
const onHob = (items: readonly object[], over: Over = {}): Plan =>
  stock({
    end: "served",
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: 10 },
    water: { by: "amount", volumeL: 2.2 },
    stop: { by: "time", holdMin: 90 },
    items,
    ...over,
  });
const crock = (over: Over = {}): Plan =>
  braise({
    vesselId: "crock",
    heat: HEATS.low,
    water: { by: "amount", volumeL: 1.8 },
    stop: { by: "time", holdMin: 480 },
    ...over,
  });
const cooker = (over: Over = {}): Plan =>
  braise({
    vesselId: "pressure",
    heat: HEATS.pressure,
    water: { by: "amount", volumeL: 1.2 },
    stop: { by: "time", holdMin: 25 },
    ...over,
  });
const mutton = (m: number, rest: object = {}) => ({
  items: [thing("m", "muttonShoulder", 1.8, { ...cube(m), ...rest })],
});

const toldOf = (c: Caution | undefined): Told | null =>
  c === undefined ? null : { severity: c.severity, places: c.places };
/** As planned: what the rules of safety say of a plan. */
const planned =
  (id: string, plan: () => Plan, litHour = 9): Look =>
  () =>
    toldOf(cautionsFor(simulated(resolve(plan(), kitchen), litHour)).find((c) => c.id === id));
/** The same, only where it is as grave as that. */
const grave =
  (look: Look, severity = "danger"): Look =>
  () => {
    const told = look();
    return told?.severity === severity ? told : null;
  };

const LIT = Date.parse("2026-03-18T15:00:00Z");
const at = (min: number) => Math.round(LIT + min * 60_000);
const lit = { kind: "lit", atMs: LIT };
const boils = { kind: "boils", atMs: at(25) };
const simmers = (min = 36) => ({ kind: "simmers", atMs: at(min) });
const off = (min: number) => ({ kind: "offHeat", atMs: at(min) });
const strained = (min: number) => ({
  kind: "strained",
  measured: { volumeL: 3, passes: 1, clothPasses: 0, pressed: false },
  atMs: at(min),
});
const served = (min: number) => ({
  ...strained(min),
  measured: { ...strained(min).measured, volumeL: undefined, servedKg: 2 },
});
const read = (where: string, tempC: number, min: number) => ({
  kind: "temperature",
  where,
  tempC,
  atMs: at(min),
});
/** On the fire: what is said at a minute, on Bench and in the place the pot is at. */
const live =
  (id: string, plan: () => Plan, events: readonly object[], min: number, hour = 12): Look =>
  () => {
    const cook = fold(happened(...events));
    const pot = onFire(resolve(plan(), kitchen), cook, at(min), null, () => hour);
    const c = pot.cautions.find((x) => x.id === id);
    return c === undefined ? null : { severity: c.severity, places: ["live"] };
  };
const says = (is: boolean, place: string): Told | null =>
  is ? { severity: "danger", places: [place] } : null;

const chillOf = (min: number, fromC: number, containerId = "tall", way = "iceBath") => ({
  kind: "chillBegun",
  chill: { containerId, count: 1, massKg: 3, fromC, isThick: false, stages: [{ way, min: 0 }] },
  atMs: at(min),
});
/** A missed gate of a chill, with what is required. */
const missed =
  (events: readonly object[], min: number): Look =>
  () => {
    const cook = fold(happened(...events));
    const { forecast } = onFire(resolve(stockOn(), kitchen), cook, at(min)) as never as {
      forecast: { standing: never };
    };
    const now = chillingNow(cook.chilling!, kitchen, CODES.us, at(min), forecast.standing);
    return says(now?.remedy !== null && now !== null, "chill");
  };
const stockOn = () =>
  stock({
    heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
    stop: { by: "time", holdMin: 240 },
  });
const OFF = [lit, { ...boils, atMs: at(35) }, simmers(40), off(280)];

const filling = {
  isCold: true,
  remedy: null,
  wasReheated: false,
  stoodDays: 0.5,
  kind: "bag",
  isFrozen: true,
  codeText: "x",
  codeWhose: "y",
} as const;
const portioned =
  (id: string, over: object): Look =>
  () =>
    toldOf(portionCautions({ ...filling, ...over }).find((c) => c.id === id));
const fridge = (days: number, frozenMs = 0): Stay => ({
  place: "fridge",
  sinceMs: 0,
  fridgeMs: days * DAY_MS,
  frozenMs,
});
const notFrozen =
  (ingredientId: string | null, stay: Stay): Look =>
  () =>
    says(whyNotFrozen({ kind: "rawMeat", ingredientId }, stay, 0) !== null, "larder");
const keepsUnder =
  (ingredientId: string | null, days: number): Look =>
  () =>
    says(
      keepingOf({ kind: "rawMeat", ingredientId }, "fridge", "short").days.value < days,
      "larder",
    );
const notFed =
  (lot: object): Look =>
  () =>
    says(petHazardsIn(lot as never).length > 0, "larder");
const solidsNotFed =
  (plan: () => Plan): Look =>
  () =>
    says(solidsHazards(plan()).length > 0, "strain");
const unreadOf =
  (items: readonly object[]): Look =>
  () => {
    const plan = onHob(items);
    return says(
      dishOf(resolve(plan, kitchen), simulated(resolve(plan, kitchen)).trace).unread.length > 0,
      "plan",
    );
  };
const bowl = (items: readonly object[]) => () =>
  stock({ feeds: "animals", items, fat: "liftCold" });
const NECK = thing("n", "lambNeck", 2);
const BEAN = thing("bean", "kidneyBean", 0.4, SOAKED);
const CHICKEN = thing("x", "chickenThigh", 1.2);
const cut = (saidMin: number, isBack: boolean) => ({ ...cutFor(saidMin, isBack), isUnknown: true });
const cutFor = (saidMin: number, isBack = true, fromMin = 60) => ({
  kind: "interrupted",
  why: "powerCut",
  fromMs: at(fromMin),
  untilMs: isBack ? at(saidMin) : null,
  atMs: at(saidMin),
});

const ROWS: readonly Row[] = [
  {
    hazard: "Cooling",
    shownOn: ["strain", "chill", "portion", "larder"],
    ways: {
      "a stock at the sieve": planned("cooling", stock),
      "a chill begun cold, after hours nobody saw": missed([...OFF, chillOf(580, 30)], 600),
      "a deep pot left in the room": missed([...OFF, chillOf(290, 85, "tall", "room")], 560),
      "filled warm": portioned("cold-first", { isCold: false }),
      "filled after the first gate alone was missed": portioned("gate-missed", {
        remedy: "reheatOnce",
      }),
      "cold in time the second time": portioned("gate-late", { wasReheated: true }),
      "filled without a clock": portioned("cold-first", { isCold: null }),
      "filled although a gate was missed": portioned("gate-missed", { remedy: "discard" }),
    },
    safe: {
      "chilled at once, in ice": missed([...OFF, chillOf(290, 85)], 330),
      "cold through": portioned("cold-first", {}),
    },
  },
  {
    hazard: "Rest",
    shownOn: ["live"],
    ways: {
      "forgotten on the ring that is off": live("standing", stockOn, OFF, 700),
      "strained and forgotten": live("standing", stockOn, [...OFF, strained(290)], 800),
      "served, and what is left stands": live(
        "standing",
        () => braise(),
        [lit, off(165), served(170)],
        900,
      ),
      "read cold hours after": live("standing", stockOn, [...OFF, read("liquid", 35, 500)], 640),
    },
    safe: {
      "just off": live("standing", stockOn, OFF, 300),
      "being chilled": live("standing", stockOn, [...OFF, chillOf(300, 85)], 800),
      "read hot": live("standing", stockOn, [...OFF, read("liquid", 75, 400)], 405),
    },
  },
  {
    hazard: "Taken off early",
    shownOn: ["live"],
    ways: {
      "off after four minutes": live("core", () => onHob([CHICKEN]), [lit, off(4)], 5),
      "and served": live("core", () => onHob([CHICKEN]), [lit, off(4), served(6)], 7),
      "a thermometer says so": live(
        "core",
        () => onHob([CHICKEN]),
        [lit, simmers(25), off(85), read("piece", 60, 86)],
        87,
      ),
      "stirred in after the sieve": live(
        "core",
        () => onHob([thing("o", "onion", 0.5)]),
        [
          lit,
          simmers(25),
          off(85),
          served(90),
          { kind: "stirredIn", ingredientId: "mincedBeef", massKg: 0.2, atMs: at(95) },
        ],
        96,
      ),
      "bones of a stock, eaten": live(
        "core",
        () => ({ ...onHob([thing("x", "oxtail", 1.2)]), end: "strained" }) as Plan,
        [lit, off(4), { kind: "solids", fate: "eaten", atMs: at(6) }],
        7,
      ),
    },
    safe: {
      "cooked for its time": live("core", () => onHob([CHICKEN]), [lit, simmers(25), off(85)], 86),
      "read hot enough": live(
        "core",
        () => onHob([CHICKEN]),
        [lit, off(4), read("piece", 76, 5)],
        6,
      ),
    },
  },
  {
    hazard: "Hot holding and reheating",
    shownOn: ["strain", "plan", "cook", "live"],
    ways: {
      "a dish at the table": planned("hotHold", braise),
      "WARM after too short a cook": planned("warmHold", () =>
        crock({ heat: { ...HEATS.low, warmMin: 240 }, stop: { by: "time", holdMin: 60 } }),
      ),
      "a dish out of the freezer": planned("reheatOnce", () => onHob([ready("s", 0.6)])),
      "kept on the ring that is off": live("standing", () => braise(), [lit, off(165)], 700),
    },
    safe: {
      "raw out of the freezer": planned("reheatOnce", () =>
        onHob([thing("m", "beefChuck", 1, { ...cube(0.04), fromLotId: "l" })]),
      ),
      "stock drawn for a new dish": planned("reheatOnce", () =>
        onHob([ready("s", 0.6), thing("m", "beefChuck", 1, cube(0.04))]),
      ),
      "a stock is chilled": planned("hotHold", stock),
      "hot before WARM": planned("warmHold", () => crock({ heat: { ...HEATS.low, warmMin: 240 } })),
    },
  },
  {
    hazard: "Keeping",
    shownOn: ["strain", "portion", "larder"],
    ways: {
      "how long, at the sieve": planned("keeping", stock),
      "mince on its third day": notFrozen("mincedBeef", fridge(2.1)),
      "thawed raw, frozen again": notFrozen("goatShoulder", fridge(0.5, DAY_MS)),
      "a name nobody knows keeps a day": keepsUnder(null, 2),
      "offal and poultry two": keepsUnder("chickenThigh", 3),
      "fish one": keepsUnder("whiteFish", 2),
      "filled on the fourth day": portioned("stood-too-long", { stoodDays: 3.2 }),
      "a jar on the shelf": () =>
        toldOf(shelfCautions(["jar"]).find((c) => c.id === "not-shelf-stable")),
    },
    safe: {
      "mince on its second day": notFrozen("mincedBeef", fridge(1.9)),
      "a joint has three": keepsUnder("goatShoulder", 3),
      "filled in time": portioned("stood-too-long", { stoodDays: 2.9 }),
    },
  },
  {
    hazard: "Dried kidney beans",
    shownOn: ["plan", "cook", "live"],
    ways: {
      "straight into the crock": planned("beans", () => crock({ items: [BEAN] })),
      "in late": planned("beans", () =>
        onHob([thing("o", "onion", 0.2), { ...BEAN, when: { at: "beforeEnd", min: 30 } }]),
      ),
      "off the heat": planned("beans", () =>
        onHob([thing("o", "onion", 0.2), { ...BEAN, when: { at: "offHeat" } }]),
      ),
      "after the release": planned("beans", () =>
        cooker({
          items: [thing("o", "onion", 0.2), { ...BEAN, when: { at: "beforeEnd", min: 20 } }],
        }),
      ),
      "another kind": planned("beans", () =>
        onHob([{ ...BEAN, ingredientId: "whiteBean" }], {
          heat: { ...HEATS.oven, ovenC: 100 },
          vesselId: "casserole",
        }),
      ),
      "not soaked": planned("beansSoak", () => onHob([{ ...BEAN, work: [] }])),
      "turned down early": live("beans", () => onHob([BEAN]), [lit, boils, simmers(29)], 30),
      "off before it boiled": live("beans", () => onHob([BEAN]), [lit, off(12)], 13),
    },
    safe: {
      "soaked and boiled": planned("beans", () => onHob([BEAN])),
      "boiled hard before the crock": planned("beans", () =>
        crock({ items: [{ ...BEAN, boiledMin: 12 }] }),
      ),
      "no such bean": planned("beans", () =>
        crock({ items: [thing("c", "chickpea", 0.4, SOAKED)] }),
      ),
      "boiled as planned, live": live(
        "beans",
        () => onHob([BEAN]),
        [lit, boils, simmers(35.5)],
        60,
      ),
    },
  },
  {
    hazard: "Slow cooker",
    shownOn: ["plan", "cook", "live"],
    ways: {
      "frozen meat": planned("crockTooSlow", () => crock(mutton(0.03, { frozen: true }))),
      "a joint too thick": planned("crockTooSlow", () => crock(mutton(0.15))),
      "put in once it is hot": planned("crockTooSlow", () =>
        crock(mutton(0.15, { when: { at: "after", min: 0 } })),
      ),
      "slow one time in ten": planned("slowWarmUp", () => crock(mutton(0.11))),
      "too full": planned("crockFull", () => crock({ water: { by: "amount", volumeL: 4.6 } })),
      "a cut of unknown length": live("unknownCut", () => crock(), [lit, cut(90, true)], 91),
      "read hot only after it was back": live(
        "unknownCut",
        () => crock(),
        [lit, cut(90, true), read("liquid", 88, 120)],
        121,
      ),
      "a cut of hours": live("noHeat", () => crock(), [lit, cutFor(400)], 401),
    },
    safe: {
      "cut small": planned("crockTooSlow", () => crock(mutton(0.05))),
      "in the oven": planned("crockTooSlow", () => braise(mutton(0.05))),
      "a short cut": grave(live("noHeat", () => crock(), [lit, cutFor(75)], 76)),
    },
  },
  {
    hazard: "Pressure cooker",
    shownOn: ["plan", "cook", "strain"],
    ways: {
      "over two thirds": planned("pressureFull", () =>
        cooker({ water: { by: "amount", volumeL: 4 } }),
      ),
      "pulses over half": planned("pressureFull", () =>
        cooker({
          items: [thing("c", "chickpea", 1, SOAKED)],
          water: { by: "amount", volumeL: 3.4 },
        }),
      ),
      "too little liquid": planned("pressureDry", () =>
        cooker({ water: { by: "amount", volumeL: 0.1 } }),
      ),
      "cream before": planned("pressureThick", () =>
        cooker({ items: [thing("m", "beefChuck", 1), thing("c", "cream", 0.2)] }),
      ),
      "another pot's gravy": planned("pressureThick", () =>
        cooker({
          items: [
            thing("m", "beefChuck", 1),
            thing("g", "houseStock", 0.6, { label: { madeOf: ["beefKnuckle"], starchGKg: 45 } }),
          ],
        }),
      ),
      "quick release of a full pot": grave(
        planned("release", () =>
          cooker({
            heat: { ...HEATS.pressure, release: "quick" },
            items: [thing("c", "chickpea", 0.4, SOAKED)],
          }),
        ),
      ),
      "taken for canning": planned("notCanning", cooker),
    },
    safe: {
      "two thirds": planned("pressureFull", () => cooker()),
      "cream off the heat": planned("pressureThick", () =>
        cooker({
          items: [
            thing("m", "beefChuck", 1),
            thing("c", "cream", 0.2, { when: { at: "offHeat" } }),
          ],
        }),
      ),
      "natural release": grave(planned("release", cooker)),
    },
  },
  {
    hazard: "Core temperatures",
    shownOn: ["plan", "cook"],
    ways: {
      "a thick joint, a short time": planned("core", () =>
        braise({ ...mutton(0.12), stop: { by: "time", holdMin: 40 } }),
      ),
      "poultry at the temperature of beef": planned("core", () =>
        braise({
          items: [thing("t", "chickenThigh", 1.2, cube(0.08))],
          stop: { by: "time", holdMin: 45 },
        }),
      ),
      "in late and cold": planned("core", () =>
        braise({
          items: [
            thing("m", "beefChuck", 1.2, cube(0.04)),
            thing("t", "chickenThigh", 1, { ...cube(0.06), when: { at: "beforeEnd", min: 5 } }),
          ],
        }),
      ),
      "frozen through": planned("core", () =>
        braise({ ...mutton(0.1, { frozen: true }), stop: { by: "time", holdMin: 60 } }),
      ),
    },
    safe: {
      "cut small": planned("core", () =>
        braise({ ...mutton(0.05), stop: { by: "time", holdMin: 90 } }),
      ),
      "long enough": planned("core", () =>
        braise({ ...mutton(0.12), stop: { by: "time", holdMin: 240 } }),
      ),
    },
  },
  {
    hazard: "Game",
    shownOn: ["plan"],
    ways: {
      deer: planned("game", () => onHob([thing("d", "deerJoint", 1)])),
      "its bones in a stock": planned("game", () => stock({ items: [thing("d", "hareFrame", 1)] })),
      "a bird": planned("game", () => stock({ items: [thing("d", "pigeonFrame", 1)] })),
    },
    safe: { lamb: planned("game", stock) },
  },
  {
    hazard: "Bones",
    shownOn: ["strain", "plan", "larder"],
    ways: {
      "splinters in the sieve": planned("splinters", stock),
      "for animals": grave(planned("splinters", bowl([NECK])), "caution"),
      "fed from the sieve": solidsNotFed(() => stock({ items: [NECK] })),
      "a carcass kept": notFed({
        kind: "carcass",
        ingredientId: "hareFrame",
        label: { madeOf: [] },
      }),
    },
    safe: { "no bones": planned("splinters", () => stock({ items: [thing("c", "carrot", 1)] })) },
  },
  {
    hazard: "Pets",
    shownOn: ["plan", "strain", "larder"],
    ways: {
      onion: grave(planned("animals", bowl([NECK, thing("o", "onion", 0.2)]))),
      "onion in another pot's stock": grave(
        planned(
          "animals",
          bowl([thing("s", "houseStock", 1, { label: { madeOf: ["lambNeck", "leek"] } })]),
        ),
      ),
      "stock without its list": grave(planned("animals", bowl([thing("s", "houseStock", 1)]))),
      "a bundle nobody read": grave(
        planned("animals", bowl([NECK, thing("b", "herbBundle", 0.02)])),
      ),
      "many little salts": grave(
        planned(
          "animals",
          bowl([
            NECK,
            thing("c", "celery", 1, { label: { saltGKg: 4 } }),
            thing("d", "carrot", 1, { label: { saltGKg: 4 } }),
          ]),
        ),
      ),
      "solids that were with onion": solidsNotFed(() =>
        stock({ items: [thing("c", "carrot", 1), thing("o", "onion", 0.2)] }),
      ),
      "something raw by no name": notFed({ kind: "trimmings", ingredientId: null, label: {} }),
      "a pot for people, with a cat at it": () => {
        const c = cautionsFor(simulated(resolve(stock({ diets: ["cat"] }), kitchen))).find(
          (x) => x.id === "diet",
        );
        return c?.severity === "danger" ? toldOf(c) : null;
      },
    },
    safe: {
      "plain neck": grave(planned("animals", bowl([NECK]))),
      "a bundle that was read": grave(
        planned(
          "animals",
          bowl([NECK, thing("b", "herbBundle", 0.02, { label: { madeOf: ["thyme"] } })]),
        ),
      ),
      "plain solids": solidsNotFed(() => stock({ items: [thing("c", "carrot", 1)] })),
    },
  },
  {
    hazard: "Shellfish",
    shownOn: ["plan", "cook"],
    ways: {
      mussels: planned("shellfish", () => onHob([thing("m", "mussels", 1)])),
      clams: planned("shellfish", () => onHob([thing("m", "clams", 1)])),
      "late, into a fish soup": planned("shellfish", () =>
        onHob([
          thing("f", "whiteFishFrame", 1),
          thing("m", "mussels", 0.5, { when: { at: "beforeEnd", min: 6 } }),
        ]),
      ),
    },
    safe: { fish: planned("shellfish", () => onHob([thing("f", "whiteFishFrame", 1)])) },
  },
  {
    hazard: "Burns",
    shownOn: ["plan", "strain", "cook", "live"],
    ways: {
      "a pot over 8 kg": planned("twoPeople", () =>
        stock({ water: { by: "amount", volumeL: 6.2 } }),
      ),
      "over the rim": planned("overRim", () => stock({ water: { by: "amount", volumeL: 11 } })),
      "blending hot": planned("blendHot", () =>
        onHob([thing("c", "carrot", 0.6, { work: [{ kind: "blend" }] })]),
      ),
      "hot fat": planned("hotFat", () =>
        braise({ items: [thing("m", "beefChuck", 1, { work: [{ kind: "brown" }] })] }),
      ),
      "glass jars": planned("jars", stock),
      "poured over the rim": live(
        "ranOver",
        () => stock(),
        [lit, { kind: "toppedUp", volumeL: 7, atMs: at(60) }],
        61,
      ),
    },
    safe: {
      "a pot one can lift": planned("twoPeople", () =>
        stock({ water: { by: "amount", volumeL: 5 } }),
      ),
      "nothing blended": planned("blendHot", () => onHob([thing("c", "carrot", 0.6)])),
    },
  },
  {
    hazard: "Fire and attention",
    shownOn: ["plan", "cook", "live"],
    ways: {
      "lit in the evening": planned("flameAtNight", stock, 18),
      "a cooker on a ring": planned(
        "flameAtNight",
        () => cooker({ stop: { by: "time", holdMin: 300 } }),
        19,
      ),
      "boils dry": planned("dry", () =>
        stock({
          water: { by: "amount", volumeL: 0.6 },
          heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
        }),
      ),
      "burns on into the night": live("night", stockOn, OFF.slice(0, 3), 60, 21),
      "already night": grave(live("night", stockOn, OFF.slice(0, 3), 60, 2)),
      "nobody looked for hours": live("unseen", stockOn, OFF.slice(0, 3), 400),
    },
    safe: {
      "by day": planned("flameAtNight", stock, 9),
      "a crock may run": planned("flameAtNight", () => crock(), 20),
      "off by night": live("night", stockOn, OFF, 285, 23),
    },
  },
  {
    hazard: "Alcohol",
    shownOn: ["plan", "strain"],
    ways: {
      wine: planned("alcohol", () =>
        braise({ items: [thing("m", "beefChuck", 1, cube(0.04)), thing("w", "redWine", 0.5)] }),
      ),
      "poured in late": planned("alcohol", () =>
        braise({
          items: [
            thing("m", "beefChuck", 1, cube(0.04)),
            thing("w", "redWine", 0.3, { when: { at: "beforeEnd", min: 10 } }),
          ],
        }),
      ),
      "an eater who takes none": planned("diet", () =>
        braise({
          diets: ["noAlcohol"],
          items: [thing("m", "beefChuck", 1, cube(0.04)), thing("w", "redWine", 0.3)],
        }),
      ),
      "for animals": grave(planned("animals", bowl([NECK, thing("w", "redWine", 0.2)]))),
    },
    safe: { none: planned("alcohol", braise) },
  },
  {
    hazard: "Allergens",
    shownOn: ["plan", "strain"],
    ways: {
      "a cube": unreadOf([thing("s", "stockCube", 0.02)]),
      "bought stock": unreadOf([thing("s", "boughtStock", 1)]),
      "carried in by a stock": unreadOf([
        thing("s", "houseStock", 1, {
          label: { allergens: [], madeOf: ["beefKnuckle", "stockCube"], unread: ["stockCube"] },
        }),
      ]),
      "for an eater": planned("diet", () =>
        onHob([thing("s", "stockCube", 0.02), thing("c", "carrot", 0.5)], {
          diets: ["glutenFree"],
        }),
      ),
    },
    safe: {
      "read, and none in it": unreadOf([
        thing("s", "stockCube", 0.02, { label: { allergens: [] } }),
      ]),
      "plain things": unreadOf([thing("c", "carrot", 1)]),
    },
  },
  {
    hazard: "Salt and fat",
    shownOn: ["plan", "strain"],
    ways: {
      "too much of it": planned("salt", () =>
        stock({ items: [NECK, thing("s", "tableSalt", 0.05)] }),
      ),
      "salted stock boiled down": planned("salt", () =>
        stock({
          items: [thing("s", "boughtStock", 2.6), NECK],
          water: { by: "amount", volumeL: 1.4 },
          heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
          stop: { by: "time", holdMin: 60 },
        }),
      ),
      "half a day's in a portion": planned("saltPortion", () =>
        onHob([thing("m", "beefChuck", 1.2, cube(0.03)), thing("s", "tableSalt", 0.018)], {
          serves: { people: 4, eachKg: 0.6 },
        }),
      ),
      "a fat portion": planned("fatPortion", () =>
        onHob([thing("m", "curedPork", 1.2, cube(0.03))], {
          serves: { people: 4, eachKg: 0.4 },
          fat: "keep",
        }),
      ),
    },
    safe: {
      unsalted: planned("salt", stock),
      "lean meat": planned("fatPortion", () =>
        onHob([thing("m", "beefChuck", 0.8, cube(0.03))], { serves: { people: 6, eachKg: 0.4 } }),
      ),
    },
  },
  {
    hazard: "Diets",
    shownOn: ["plan", "strain"],
    ways: {
      "meat for a vegetarian": planned("diet", () => stock({ diets: ["vegetarian"] })),
      "a stock that held meat": planned("diet", () =>
        onHob(
          [
            thing("c", "carrot", 0.5),
            thing("s", "houseStock", 1, { label: { madeOf: ["lambNeck"] } }),
          ],
          { diets: ["vegan"] },
        ),
      ),
      "flour as a thickener": planned("diet", () =>
        onHob([thing("f", "flour", 0.05), thing("c", "carrot", 0.5)], { diets: ["glutenFree"] }),
      ),
      "salt without a head count": planned("diet", () =>
        onHob([thing("m", "beefChuck", 1, cube(0.03)), thing("s", "tableSalt", 0.03)], {
          diets: ["lowSalt"],
        }),
      ),
    },
    safe: {
      "vegetables alone": planned("diet", () =>
        onHob([thing("c", "carrot", 1)], { diets: ["vegan"] }),
      ),
      "nobody asked": planned("diet", stock),
    },
  },
  {
    hazard: "Trimmings",
    shownOn: ["cook"],
    ways: {
      "in a stock": planned("trimmings", stock),
      "of vegetables alone": planned("trimmings", () => stock({ items: [thing("l", "leek", 1)] })),
      "raw beans tasted": planned("rawTaste", () => onHob([BEAN])),
      "raw flour tasted": planned("rawTaste", () =>
        onHob([thing("f", "flour", 0.05), thing("c", "carrot", 0.5)]),
      ),
    },
    safe: {
      "bones alone": planned("trimmings", () => stock({ items: [NECK] })),
      "nothing raw": planned("rawTaste", stock),
    },
  },
];

describe.each(ROWS.map((row) => [row.hazard, row] as const))("%s", (_name, row) => {
  test.each(Object.entries(row.ways))("%s: told", (_way, look) => {
    const told = look();
    expect(told).not.toBeNull();
    expect(told?.places.length).toBeGreaterThan(0);
  });
  test.each(Object.entries(row.safe))("%s: silent", (_way, look) => {
    expect(look()).toBeNull();
  });
  test("three ways and more, and where each is told", () => {
    expect(Object.keys(row.ways).length).toBeGreaterThanOrEqual(3);
    const places = Object.values(row.ways).flatMap((look) => look()?.places ?? []);
    expect([...new Set(places)].sort()).toEqual([...row.shownOn].sort());
  });
});
