import { gelatinDrawnG, ROASTED_FACTOR, USED_BEFORE_FACTOR } from "../extraction/gelatin";
import { fatCapMm } from "../extraction/fat-cap";
import {
  BODY_HEAT_KJ_KG_K,
  FAT_HEAT_KJ_KG_K,
  WALL_LOSS_W_M2_K,
  WATER_HEAT_KJ_KG_K,
} from "../heat/constants";
import { cookRate } from "../doneness/cook-value";
import { ingredientById } from "../ingredient/catalogue";
import type { Ingredient } from "../ingredient/ingredient";
import {
  FAT_DENSITY_KG_L,
  FAT_RENDER_MIN,
  JUICE_LAG_MIN,
  VEGETABLE_RELEASE_MIN,
} from "../liquid/constants";
import { freedShare } from "../liquid/freed";
import { Ledger } from "../liquid/ledger";
import { depthForLiquidM, heapTopM, type SolidsIn } from "../vessel/solids";
import type { Vessel } from "../vessel/vessel-schema";
import { outerAreaM2, vesselAreaM2 } from "../vessel/volume";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { Parameters } from "./parameters";
import { PieceHeat } from "./piece-heat";
import { pieceTauOf } from "./piece-of";
import type { PlanItem } from "./plan-schema";

const FROZEN_KJ_KG = 240;
/** Solids may change by this much before the heap is measured anew: a hundredth of a millimetre. */
const GEOMETRY_TOLERANCE_KG = 1e-4;
/** Start temperatures, °C: model.md, rules for all of it. */
const FROM_FRIDGE_C = 5;
const PULSE_C = 15;
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

/** One solid in the pot and what it has let go and taken up, kg. */
export interface SolidIn {
  readonly item: PlanItem;
  readonly ingredient: Ingredient;
  readonly heat: PieceHeat;
  juiceKg: number;
  vegetableKg: number;
  takenUpKg: number;
  fatKg: number;
}

/** Temperature at which an ingredient goes in, °C. */
const startC = (ingredient: Ingredient, item: PlanItem, waterC: number, roomC: number): number =>
  item.frozen
    ? 0
    : ingredient.id === "water"
      ? waterC
      : ingredient.group === "pulse"
        ? PULSE_C
        : ingredient.group === "bones" || ingredient.group === "meat" || ingredient.group === "fish"
          ? FROM_FRIDGE_C
          : roomC;

/**
 * The pot's contents while it cooks: one temperature, the liquid with its ledger, and every solid.
 * Internal to the simulation; what it went through leaves as a Trace.
 */
export class Pot {
  readonly ledger = new Ledger();
  private readonly solidsIn: SolidIn[] = [];
  private readonly pieces: PieceHeat[] = [];
  private readonly pieceKeys = new Map<string, PieceHeat>();
  private readonly bodyKJK: number;
  readonly lossWK: number;
  liquidKg = 0;
  fatKg = 0;
  saltG = 0;
  tempC: number;
  steamedKg = 0;
  /** Heat still needed to melt what went in frozen, kJ. */
  private meltKJ = 0;
  private geometry: { solids: SolidsIn; heapTopM: number } | null = null;
  /** Change in solids since the geometry was found, kg. */
  private changedKg = 0;
  depthM = 0;
  /** Inner area at the last found level, m². */
  areaM2 = 0;

  constructor(
    readonly vessel: Vessel,
    private readonly parameters: Parameters,
    private readonly surroundings: {
      waterC: number;
      roomC: number;
      pieceM: number;
      boilingC: number;
    },
  ) {
    this.bodyKJK = vessel.massKg * BODY_HEAT_KJ_KG_K[vessel.body].value;
    this.lossWK = outerAreaM2(vessel) * WALL_LOSS_W_M2_K[vessel.body].value;
    this.tempC = surroundings.roomC;
  }

  get heatCapacityKJK(): number {
    let sum =
      this.bodyKJK + this.liquidKg * WATER_HEAT_KJ_KG_K.value + this.fatKg * FAT_HEAT_KJ_KG_K.value;
    for (const s of this.solidsIn)
      sum +=
        s.item.massKg * s.ingredient.specificHeatKJKgK.value +
        (s.takenUpKg - s.juiceKg - s.vegetableKg) * WATER_HEAT_KJ_KG_K.value -
        s.fatKg * FAT_HEAT_KJ_KG_K.value;
    return sum;
  }

  /** Pours kg of water in at tempC. */
  addWater(kg: number, tempC: number): void {
    this.mix(kg * WATER_HEAT_KJ_KG_K.value, tempC);
    this.liquidKg += kg;
    this.ledger.post("added", kg);
    this.geometry = null;
  }

  /** Puts an ingredient in; what pours joins the liquid at once. */
  addItem(item: PlanItem): void {
    const ingredient = ingredientById(item.ingredientId);
    const { waterC, roomC } = this.surroundings;
    const fromC = startC(ingredient, item, waterC, roomC);
    this.mix(item.massKg * ingredient.specificHeatKJKgK.value, fromC);
    if (item.frozen) this.melt(item.massKg * FROZEN_KJ_KG);
    this.saltG += item.massKg * (ingredient.saltGKg?.value ?? 0);
    if (ingredient.isLiquid) {
      this.liquidKg += item.massKg;
      this.ledger.post("added", item.massKg);
    } else if (ingredient.group !== "salt") {
      const solid: SolidIn = {
        item,
        ingredient,
        heat: this.pieceHeat(item, fromC),
        juiceKg: 0,
        vegetableKg: 0,
        takenUpKg: 0,
        fatKg: 0,
      };
      this.solidsIn.push(solid);
      if (item.boiledMin > 0) this.boiledBefore(solid);
      if (ingredient.uptakeIdealMin === undefined) this.takeUp(solid, 1);
    }
    this.geometry = null;
  }

  /** What was boiled apart brings its cook value, and the water it took up there. */
  private boiledBefore(solid: SolidIn): void {
    const { item, ingredient, heat } = solid;
    heat.cookMin += item.boiledMin * cookRate(this.surroundings.boilingC, this.parameters.zC);
    solid.takenUpKg = item.massKg * (ingredient.uptakeLKg?.value ?? 0) * softShare(solid);
  }

  private pieceHeat(item: PlanItem, fromC: number): PieceHeat {
    const tauS = pieceTauOf(item, this.surroundings.pieceM);
    const key = `${tauS}|${fromC}|${item.frozen}|${item.boiledMin}|${this.steps}`;
    const found = this.pieceKeys.get(key);
    if (found !== undefined) return found;
    const made = new PieceHeat(tauS, fromC, this.parameters.zC, item.frozen);
    this.pieceKeys.set(key, made);
    this.pieces.push(made);
    return made;
  }

  private mix(addedKJK: number, addedC: number): void {
    const have = this.heatCapacityKJK;
    this.tempC = (have * this.tempC + addedKJK * addedC) / (have + addedKJK);
  }

  private melt(kJ: number): void {
    const warmthKJ = this.heatCapacityKJK * Math.max(0, this.tempC);
    const taken = Math.min(kJ, warmthKJ);
    this.tempC -= taken / this.heatCapacityKJK;
    this.meltKJ += kJ - taken;
  }

  /** Warms by netW for dtS: first what is frozen melts, then the temperature moves. */
  warm(netW: number, dtS: number): void {
    let kJ = (netW * dtS) / 1000;
    const melting = Math.min(this.meltKJ, Math.max(0, kJ));
    this.meltKJ -= melting;
    kJ -= melting;
    this.tempC += kJ / this.heatCapacityKJK;
  }

  private steps = 0;
  private mainIn: SolidIn | null = null;
  private mainOf = -1;

  /**
   * Lets dtS pass at the present temperature: steamKgS leaves, pieces warm, juice and fat come out,
   * dry things swell.
   */
  pass(dtS: number, steamKgS: number): void {
    this.steps++;
    for (const piece of this.pieces) piece.step(dtS, this.tempC);
    for (const solid of this.solidsIn) this.exchange(solid, dtS);
    const steamKg = Math.min(this.liquidKg, steamKgS * dtS);
    this.liquidKg -= steamKg;
    this.steamedKg += steamKg;
    this.ledger.post("evaporated", -steamKg);
    if (this.changedKg > GEOMETRY_TOLERANCE_KG) this.geometry = null;
  }

  private exchange(s: SolidIn, dtS: number): void {
    const { ingredient, item, heat } = s;
    if (ingredient.meatFreed !== undefined) {
      const fatShare = ingredient.fatOfFreed?.value ?? 0;
      const all = item.massKg * ingredient.meatFreed.value * this.parameters.freed;
      const due = all * freedShare(heat.hottestMeanC);
      const out = s.juiceKg / (1 - fatShare);
      const step = Math.max(0, (due - out) * (1 - Math.exp(-dtS / 60 / JUICE_LAG_MIN.value)));
      this.free(s, "juice", step * (1 - fatShare));
      this.render(s, step * fatShare);
    }
    if (ingredient.vegetableFreed !== undefined) {
      const due =
        item.massKg *
        ingredient.vegetableFreed.value *
        this.parameters.freed *
        (1 - Math.exp(-heat.cookMin / VEGETABLE_RELEASE_MIN.value));
      this.free(s, "vegetables", Math.max(0, due - s.vegetableKg));
    }
    if (ingredient.fatKgKg !== undefined) {
      const due =
        item.massKg *
        ingredient.fatKgKg.value *
        FAT_OF_STATE[item.boneState] *
        (1 - Math.exp(-heat.cookMin / FAT_RENDER_MIN.value));
      this.render(s, Math.max(0, due - s.fatKg));
    }
    if (ingredient.uptakeIdealMin !== undefined) this.takeUp(s, softShare(s));
  }

  private free(s: SolidIn, kind: "juice" | "vegetables", kg: number): void {
    if (kind === "juice") s.juiceKg += kg;
    else s.vegetableKg += kg;
    this.liquidKg += kg;
    this.changedKg += kg;
    this.ledger.post(kind, kg);
  }

  private render(s: SolidIn, kg: number): void {
    s.fatKg += kg;
    this.fatKg += kg;
    this.changedKg += kg;
  }

  private takeUp(s: SolidIn, share: number): void {
    const due = s.item.massKg * (s.ingredient.uptakeLKg?.value ?? 0) * share;
    const kg = Math.min(this.liquidKg, Math.max(0, due - s.takenUpKg));
    s.takenUpKg += kg;
    this.liquidKg -= kg;
    this.changedKg += kg;
    this.ledger.post("takenUp", -kg);
  }

  private solidKg(s: SolidIn): number {
    return s.item.massKg + s.takenUpKg - s.juiceKg - s.vegetableKg - s.fatKg;
  }

  /** Takes kg of liquid out as steam through a valve. */
  vent(kg: number): void {
    const out = Math.min(this.liquidKg, kg);
    this.liquidKg -= out;
    this.ledger.post("vented", -out);
  }

  /** Everything solid in the pot, in the order it went in. */
  get contents(): readonly SolidIn[] {
    return this.solidsIn;
  }

  /** Weight of all solids as they are now, kg. */
  get solidsKg(): number {
    return this.solidsIn.reduce((sum, s) => sum + this.solidKg(s), 0);
  }

  private shape(): { solids: SolidsIn; heapTopM: number } {
    if (this.geometry !== null) return this.geometry;
    let solid = 0;
    let heap = 0;
    let floating = 0;
    for (const s of this.solidsIn) {
      const kg = this.solidKg(s);
      if (s.ingredient.densityKgL.value < 1) {
        floating += kg;
        continue;
      }
      const volume =
        s.item.massKg / s.ingredient.densityKgL.value +
        s.takenUpKg -
        s.juiceKg -
        s.fatKg / FAT_DENSITY_KG_L.value;
      solid += volume;
      heap += volume / s.ingredient.packing.value;
    }
    const solids: SolidsIn = {
      heapSolidL: solid,
      packing: heap > 0 ? solid / heap : 1,
      floatingL: floating,
    };
    this.changedKg = 0;
    this.geometry = {
      solids,
      heapTopM: heap > 0 ? heapTopM(this.vessel, solids) : 0,
    };
    return this.geometry;
  }

  get solids(): SolidsIn {
    return this.shape().solids;
  }

  get heapTopM(): number {
    return this.shape().heapTopM;
  }

  /** Hot litres, as a dip or jug would read them now. */
  get hotL(): number {
    return this.liquidKg / waterDensityKgL(this.tempC);
  }

  get coldL(): number {
    return this.liquidKg / COLD_DENSITY_KG_L;
  }

  /** Finds the level for what is in the pot now. @throws Problem `aboveRim`, `heapAboveRim` */
  findDepthM(): number {
    this.depthM = depthForLiquidM(
      this.vessel,
      this.solids,
      this.hotL + this.fatKg / FAT_DENSITY_KG_L.value,
      this.depthM > 0 ? this.depthM : undefined,
    );
    this.areaM2 = vesselAreaM2(this.vessel, this.depthM);
    return this.depthM;
  }

  /** Free surface at the last found level, m². */
  get surfaceM2(): number {
    const { solids, heapTopM } = this.shape();
    return this.depthM < heapTopM ? this.areaM2 * (1 - solids.packing) : this.areaM2;
  }

  /** Thickness of the fat on top, m. */
  get fatLayerM(): number {
    return fatCapMm(this.fatKg, this.areaM2) / 1000;
  }

  /** Gelatin in the liquid, g. */
  get gelatinG(): number {
    let sum = 0;
    for (const s of this.solidsIn) {
      const { gelatinGKg, gelatinKMin } = s.ingredient;
      if (gelatinGKg === undefined || gelatinKMin === undefined) continue;
      sum +=
        gelatinDrawnG(s.item.massKg, gelatinGKg.value, gelatinKMin.value, s.heat.cookMin) *
        GELATIN_OF_STATE[s.item.boneState];
    }
    return sum * this.parameters.extraction;
  }

  /** What rules the dish: the heaviest of bones and meat, else the heaviest solid. */
  get main(): SolidIn | null {
    if (this.mainIn !== null && this.mainOf === this.solidsIn.length) return this.mainIn;
    let main: SolidIn | null = null;
    for (const s of this.solidsIn) if (main === null || weightAs(s) > weightAs(main)) main = s;
    this.mainIn = main;
    this.mainOf = this.solidsIn.length;
    return main;
  }

  /** Its cook value, min at 100 °C. */
  get cookMin(): number {
    return this.main?.heat.cookMin ?? 0;
  }
}

/** Share of its water that a dry thing has taken up by its cook value. */
const softShare = ({ heat, ingredient }: SolidIn): number =>
  ingredient.uptakeIdealMin === undefined
    ? 1
    : 1 - Math.exp(-heat.cookMin / (0.4 * ingredient.uptakeIdealMin.value));

/** Bones and meat lead before vegetables, whatever they weigh. */
const weightAs = (s: SolidIn): number => s.item.massKg + (s.ingredient.role === "body" ? 1000 : 0);
