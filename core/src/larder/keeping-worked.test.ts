import { DAY_MS } from "../units/time";
import { test } from "vitest";
import { expectWorked } from "../../test/worked";
import { FREEZER_SCHOOLS } from "../simulate/freezer-school";
import { ageOf, bestBeforeMs, keepingOf, noteOf, whyNotFrozen, type Stay } from "./keeping";
import { LARDER_KINDS, PLACES } from "./larder-words";

const RAW = [
  null,
  "chickenThigh",
  "whiteFish",
  "mussels",
  "whiteFishFrame",
  "prawnShells",
  "mincedBeef",
  "goatShoulder",
  "beefKnuckle",
  "carrot",
];

test("how long it keeps, as worked", async () => {
  const stays: readonly Stay[] = [0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 40].flatMap((d) =>
    [0, DAY_MS, 100 * DAY_MS].map(
      (frozenMs) => ({ place: "fridge", sinceMs: 0, fridgeMs: d * DAY_MS, frozenMs }) as const,
    ),
  );
  await expectWorked("keeping", [
    ...LARDER_KINDS.flatMap((kind) =>
      (kind.startsWith("raw") ? RAW : [null]).map((ingredientId) => {
        const lot = { kind, ingredientId };
        return [
          `${kind} ${ingredientId ?? ""}`,
          {
            note: noteOf(kind),
            days: PLACES.flatMap((place) =>
              FREEZER_SCHOOLS.map((s) => {
                const { days, isSafety } = keepingOf(lot, place, s);
                return [place, s, days.value, days.kind, isSafety];
              }),
            ),
            whyNotFrozen: stays.map((s) => whyNotFrozen(lot, s, 0)),
            later: [0, 0.9, 1, 1.1, 2.9, 3.1].map((d) =>
              whyNotFrozen(
                lot,
                { place: "fridge", sinceMs: 0, fridgeMs: 0, frozenMs: 0 },
                d * DAY_MS,
              ),
            ),
            inFreezer: whyNotFrozen(
              lot,
              { place: "freezer", sinceMs: 0, fridgeMs: 0, frozenMs: 0 },
              90 * DAY_MS,
            ),
            bestBeforeDays: PLACES.flatMap((place) =>
              stays
                .slice(0, 12)
                .map(
                  (s) => bestBeforeMs(lot, { ...s, place, sinceMs: 10 * DAY_MS }, "long") / DAY_MS,
                ),
            ),
          },
        ] as const;
      }),
    ),
    [
      "ages",
      PLACES.flatMap((place) =>
        [-20, -14, -13.9, -1, -0.99, 0, 0.01].map((d) =>
          ageOf(place, 100 * DAY_MS, (100 + d) * DAY_MS),
        ),
      ),
    ],
  ]);
});
