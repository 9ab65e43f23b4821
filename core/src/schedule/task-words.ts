import { WORK_WORDS } from "../prepare/work-names";
import type { WorkTask } from "./work-tasks";

/** The same of every task before a pot. */
export const TASK_WORDS: Readonly<Record<WorkTask["kind"], string>> = {
  ...WORK_WORDS,
  roast: "roast",
  blanch: "blanch",
  boilHard: "boil hard",
};
