import { exp } from "../units/same-math";
import { MOST_BONE_SHARE } from "./bone-share";
import { BeanBoil } from "../doneness/bean-boil";
import { gelatinDrawnG, ROASTED_FACTOR, USED_BEFORE_FACTOR } from "../extraction/gelatin";
import type { Ingredient } from "../ingredient/ingredient";
import {
  FAT_DENSITY_KG_L,
  FAT_RENDER_MIN,
  JUICE_LAG_MIN,
  VEGETABLE_RELEASE_MIN,
} from "../liquid/constants";
import { freedShare } from "../liquid/freed";
import { BROWNING_LOSS, SWEATED_OFF } from "../prepare/browning";
import { itemWork, soakedKg } from "./item-facts";
import type { PieceHeat } from "./piece-heat";
import type { PlanItem } from "./plan-schema";

const GELATIN_OF_STATE = {
  raw: 1,
  blanched: 1,
  roasted: ROASTED_FACTOR.value,
  usedBefore: USED_BEFORE_FACTOR.value,
} as const;
/** Fat that roasting or a first use leaves in the bones, of raw. */
const FAT_OF_STATE = {
  raw: 1,
  blanched: 0.95,
  roasted: 0.5,
  usedBefore: 0.2,
} as const;

/** One solid: what it has let go and taken up, and what it would by now. All kg. */
export class SolidIn {
  juiceKg = 0;
  vegetableKg = 0;
  takenUpKg: number;
  fatKg = 0;
  /** Bones that stayed out when the rest of it went back. */
  bonesKg = 0;
  /** What it had given by then, and how much of it goes on giving. */
  private givenBefore = { fatKg: 0, gelatinG: 0 };
  private goesOn = 1;
  /** Weight that went as steam before it came in. */
  readonly dryLossKg: number;
  /** Dry common beans: their own boil. Null for everything else. */
  readonly beanBoil: BeanBoil | null;
  private readonly fatShare: number;
  /** Juice that was due at the end of the last step. */
  private juiceDueKg = 0;
  private readonly allFreedKg: number;
  private readonly allVegetableKg: number;
  private readonly allBoneFatKg: number;

  constructor(
    readonly item: PlanItem,
    readonly ingredient: Ingredient,
    readonly heat: PieceHeat,
    freed: number,
    boilingC: number,
  ) {
    this.beanBoil = ingredient.dryBean === true ? new BeanBoil(boilingC, item.boiledMin) : null;
    this.takenUpKg = soakedKg(item);
    this.fatShare = ingredient.fatOfFreed?.value ?? 0;
    const meatKg = item.massKg * (ingredient.meatFreed?.value ?? 0) * freed;
    const vegetableKg = item.massKg * (ingredient.vegetableFreed?.value ?? 0) * freed;
    const browned = itemWork(item, "brown") === undefined ? 0 : item.massKg * BROWNING_LOSS.value;
    const sweated = itemWork(item, "sweat") === undefined ? 0 : vegetableKg * SWEATED_OFF.value;
    const brownedOff = ingredient.meatFreed === undefined ? 0 : Math.min(meatKg, browned);
    this.dryLossKg = brownedOff + sweated;
    this.allFreedKg = meatKg - brownedOff;
    this.allVegetableKg = vegetableKg - sweated;
    this.allBoneFatKg =
      item.massKg * (ingredient.fatKgKg?.value ?? 0) * FAT_OF_STATE[item.boneState];
  }

  get kg(): number {
    return (
      this.item.massKg +
      this.takenUpKg -
      this.juiceKg -
      this.vegetableKg -
      this.fatKg -
      this.dryLossKg -
      this.bonesKg
    );
  }

  /** Takes so much of its raw weight off as bones; what they have given stays given. */
  takeOffBones(boneShare: number): void {
    if (this.bonesKg > 0) return;
    this.givenBefore = { fatKg: this.fatKg, gelatinG: this.gelatinG };
    this.bonesKg = Math.min(this.item.massKg * boneShare, this.kg * MOST_BONE_SHARE);
    this.goesOn = 1 - boneShare;
  }

  /** Room it takes, L. */
  get volumeL(): number {
    return (
      (this.item.massKg - this.bonesKg) / this.ingredient.densityKgL.value +
      this.takenUpKg -
      this.juiceKg -
      this.dryLossKg -
      this.fatKg / FAT_DENSITY_KG_L.value
    );
  }

  /** Juice and fat that meat lets go in dtS. */
  meatStep(dtS: number): { juiceKg: number; fatKg: number } {
    const dueBefore = this.juiceDueKg;
    const dueNow = this.allFreedKg * freedShare(this.heat.hottestMeanC);
    this.juiceDueKg = dueNow;
    const out = this.juiceKg / (1 - this.fatShare);
    const lags = dtS / 60 / JUICE_LAG_MIN.value;
    const follows = 1 - exp(-lags);
    // As what is due grows evenly through the step, and what is out follows it by its lag.
    const step = Math.max(
      0,
      (dueBefore - out) * follows + (dueNow - dueBefore) * (1 - follows / lags),
    );
    return { juiceKg: step * (1 - this.fatShare), fatKg: step * this.fatShare };
  }

  /** Liquid that a vegetable lets go to be where its cook value says. */
  vegetableStepKg(): number {
    const due = this.allVegetableKg * (1 - exp(-this.heat.cookMin / VEGETABLE_RELEASE_MIN.value));
    return Math.max(0, due - this.vegetableKg);
  }

  /** Fat that bones render to be where their cook value says. */
  boneFatStepKg(): number {
    const due = this.allBoneFatKg * (1 - exp(-this.heat.cookMin / FAT_RENDER_MIN.value));
    return Math.max(0, this.slowed(due, this.givenBefore.fatKg) - this.fatKg);
  }

  /** Water a dry thing still takes up to be as soft as its cook value says; all of it where that is at once. */
  uptakeStepKg(): number {
    const all = this.item.massKg * (this.ingredient.uptakeLKg?.value ?? 0);
    return Math.max(0, all * this.softShare() - this.takenUpKg);
  }

  /** Share of its water that a dry thing has taken up. */
  softShare(): number {
    const ideal = this.ingredient.uptakeIdealMin?.value;
    return ideal === undefined ? 1 : 1 - exp(-this.heat.cookMin / (0.4 * ideal));
  }

  /** Gelatin it has given, g. */
  get gelatinG(): number {
    const { gelatinGKg, gelatinKMin } = this.ingredient;
    if (gelatinGKg === undefined || gelatinKMin === undefined) return 0;
    const drawnG =
      gelatinDrawnG(this.item.massKg, gelatinGKg.value, gelatinKMin.value, this.heat.cookMin) *
      GELATIN_OF_STATE[this.item.boneState];
    return this.slowed(drawnG, this.givenBefore.gelatinG);
  }

  /** Of what it would have given whole, what it has given without its bones. */
  private slowed(whole: number, before: number): number {
    return this.bonesKg === 0 ? whole : before + (whole - before) * this.goesOn;
  }
}
