import type { SetPot } from "../simulate/set-pot";
import type { Allergen } from "../ingredient/ingredient";
import { workMinutes, workTasks, type WorkTask } from "../schedule/work-tasks";
import { vesselOf } from "../simulate/references";
import type { Trace } from "../simulate/trace";
import { besideOf, type Beside } from "./accompaniments";
import { alcoholOf, type AlcoholOf } from "./alcohol-of";
import { bodyOfPlan, type BodyOf } from "./body-of";
import { allergensOf, dietConflicts, unreadLabels, type DietConflict } from "./diets";
import { eatenOf, type Eaten } from "./eaten";
import { fatOf, type FatOf } from "./fat-of";
import { jointFit, type JointFit } from "./joint-fit";
import { meatOf, type MeatOf } from "./meat-of";
import { saltOf, type SaltOf } from "./salt-of";
import { takeOuts, type TakeOut } from "./take-out";
import { verdictsOf, type Verdict } from "./verdicts";
import { thickLiked } from "./wanted";

/** Everything a plan comes to as food: from one simulation of it. */
export interface DishOf {
  readonly eaten: Eaten;
  readonly salt: SaltOf;
  readonly fat: FatOf;
  readonly alcohol: AlcoholOf | null;
  readonly body: BodyOf;
  /** How thick such dishes were wanted here, g of flour to a litre; null where none was tasted. */
  readonly likedGL: number | null;
  readonly verdicts: readonly Verdict[];
  readonly meat: readonly MeatOf[];
  readonly conflicts: readonly DietConflict[];
  readonly allergens: readonly Allergen[];
  /** Ids of what is composed and nobody has read the label of: it may hold any of them. */
  readonly unread: readonly string[];
  readonly tasks: readonly WorkTask[];
  readonly work: ReturnType<typeof workMinutes>;
  readonly takeOuts: readonly TakeOut[];
  readonly beside: readonly Beside[];
  readonly joints: readonly { readonly itemId: string; readonly fit: JointFit }[];
}

/** Works out what a simulated plan comes to on the plate. @throws Problem `unknownReference` */
export function dishOf(setPot: SetPot, trace: Trace): DishOf {
  const { plan, kitchen } = setPot;
  const eaten = eatenOf(plan, trace);
  const salt = saltOf(plan, kitchen, trace);
  const fat = fatOf(plan, trace, eaten.portions);
  const alcohol = alcoholOf(plan, trace, eaten.portions);
  const tasks = workTasks(setPot);
  const vessel = vesselOf(setPot);
  return {
    eaten,
    salt,
    fat,
    alcohol,
    body: bodyOfPlan(plan, trace),
    likedGL: thickLiked(plan, kitchen),
    verdicts: verdictsOf(plan, trace),
    meat: meatOf(plan, trace),
    conflicts: dietConflicts(plan, { salt, fat, alcohol }),
    allergens: allergensOf(plan),
    unread: unreadLabels(plan),
    tasks,
    work: workMinutes(tasks),
    takeOuts: takeOuts(plan),
    beside: besideOf(plan),
    joints: plan.items.flatMap((item) => {
      const fit = jointFit(item, vessel, trace.startDepthM);
      return fit === null ? [] : [{ itemId: item.id, fit }];
    }),
  };
}
