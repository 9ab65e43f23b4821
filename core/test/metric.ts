import type { Caution } from "../src/safety/caution";
import { inWords } from "../src/units/said";

/** A caution as a cook reads it who goes by metres and litres. */
export const metric = <T extends Caution>(c: T) => ({
  ...c,
  title: inWords(c.title, "metric"),
  text: inWords(c.text, "metric"),
  rule: inWords(c.rule, "metric"),
});
