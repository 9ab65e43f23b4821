import { resolve } from "../simulate/set-pot";
import { test } from "vitest";
import { cautionedPlans } from "../../test/caution-plans";
import { testKitchen } from "../../test/kitchen";
import { simulated } from "../../test/simulated";
import { expectWorked } from "../../test/worked";
import { CODES, REMEDIES } from "../cool/codes";
import { cautionsFor } from "./rules";

/** The temperatures, times and shares that cautions name are read here, each time they change. */
test("the words of every caution, with the figures they name", async () => {
  const kitchen = testKitchen();
  const told = new Map<string, unknown>();
  for (const plan of cautionedPlans)
    for (const { id, severity, title, text, rule, whose } of cautionsFor(
      simulated(resolve(plan, kitchen), 21),
    ))
      if (!told.has(`${id} ${severity}`)) told.set(`${id} ${severity}`, [title, text, rule, whose]);
  await expectWorked(
    "caution-words",
    [...told].toSorted(([a], [b]) => a.localeCompare(b)),
  );
});

test("the words of the codes for chilling", async () => {
  await expectWorked("code-words", [
    ...Object.entries(CODES).map(([id, code]) => [id, [code.name, code.text]] as const),
    ...Object.entries(REMEDIES),
  ]);
});
