import { fatCapMm } from "../extraction/fat-cap";
import {
  BODY_HEAT_KJ_KG_K,
  FAT_HEAT_KJ_KG_K,
  WALL_LOSS_W_M2_K,
  WATER_HEAT_KJ_KG_K,
} from "../heat/constants";
import { cookRate } from "../doneness/cook-value";
import type { Ingredient } from "../ingredient/ingredient";
import { FAT_DENSITY_KG_L } from "../liquid/constants";
import { Ledger } from "../liquid/ledger";
import { REDUCE_MIN, SWEAT_COOK_MIN } from "../prepare/browning";
import { liquorL } from "../prepare/soaking";
import { alcoholG, alcoholKept } from "../seasoning/alcohol";
import { depthForLiquidM, heapStandsM, liquidToRimL, type SolidsIn } from "../vessel/solids";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL, outerAreaM2, vesselAreaM2 } from "../vessel/volume";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import { type AlcoholLeft, Dissolved, shareOf, type DissolvedShare } from "./dissolved";
import { ingredientOf, isLoose, itemWork, pouredKg, soakedKg, valuesOf } from "./item-facts";
import type { Parameters } from "./parameters";
import { PieceHeat } from "./piece-heat";
import { pieceTauOf } from "./piece-of";
import type { PlanItem } from "./plan-schema";
import { leading } from "./leading";
import { SolidIn } from "./solid-in";
import { startC } from "./start-temperature";

const FROZEN_KJ_KG = 240;
/** Dry bone, kJ/kg·K. */
const BONE_HEAT_KJ_KG_K = 1.6;
/** Solids may change by this much before the heap is measured anew: a hundredth of a millimetre. */
const GEOMETRY_TOLERANCE_KG = 1e-4;
/** So near the boil steam grows steeply with the temperature, °C: it counts as moving twice as far. */
const STEEP_C = 8;
/** The mean of a piece may move so many times as far in a step as the liquid: it has steps of its own. */
const PIECES_MOVE = 2;
/** How much clings to what comes out, and as what it is posted. */
export interface Clinging {
  readonly kind: "handedOn" | "leftOnSolids";
  readonly lPerKg: number;
}

/** A solid lifted out, and the liquid that clings to it. */
interface OutOfPot {
  readonly solid: SolidIn;
  readonly liquidKg: number;
  readonly dissolved: DissolvedShare;
  /** What it gave, and what of that clings to it. */
  readonly gaveG: number;
  readonly carriedG: number;
}

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
  readonly dissolved = new Dissolved();
  private readonly outOfPot = new Map<string, OutOfPot>();
  /** What was ladled out and not poured back yet. */
  private readonly ladled = new Dissolved();
  private ladledKg = 0;
  liquidKg = 0;
  fatKg = 0;
  tempC: number;
  steamedKg = 0;
  /** Liquid that has run over the rim, kg. */
  ranOverKg = 0;
  private readonly fullL: number;
  /** Heat still needed to melt what went in frozen, kJ. */
  private meltKJ = 0;
  private geometry: { solids: SolidsIn; heapTopM: number } | null = null;
  /** Where the heap's top was last found, m: it moves little from step to step. */
  private lastHeapTopM: number | undefined;
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
      /** What rules the dish; null where the heaviest leads. */
      ruledBy: string | null;
      /** How many times finer than usual it is reckoned. */
      fineness: number;
    },
  ) {
    this.bodyKJK = vessel.massKg * BODY_HEAT_KJ_KG_K[vessel.body].value;
    this.lossWK = outerAreaM2(vessel) * WALL_LOSS_W_M2_K[vessel.body].value;
    this.tempC = surroundings.roomC;
    this.fullL = capacityL(vessel);
  }

  get heatCapacityKJK(): number {
    let sum =
      this.bodyKJK + this.liquidKg * WATER_HEAT_KJ_KG_K.value + this.fatKg * FAT_HEAT_KJ_KG_K.value;
    for (const s of this.solidsIn)
      sum +=
        s.item.massKg * s.ingredient.specificHeatKJKgK.value -
        BONE_HEAT_KJ_KG_K * s.bonesKg +
        (s.takenUpKg - s.juiceKg - s.vegetableKg - s.dryLossKg) * WATER_HEAT_KJ_KG_K.value -
        s.fatKg * FAT_HEAT_KJ_KG_K.value;
    return sum;
  }

  /** Pours kg of water in at tempC. */
  addWater(kg: number, tempC: number): void {
    this.mix(kg * WATER_HEAT_KJ_KG_K.value, tempC);
    this.liquidKg += kg;
    this.ledger.post("added", kg);
    this.changed();
  }

  /** Puts an ingredient in; what pours, melts or dissolves joins the liquid at once. */
  addItem(item: PlanItem): void {
    const ingredient = ingredientOf(item);
    const { waterC, roomC } = this.surroundings;
    const fromC = startC(ingredient, item, waterC, roomC);
    const inKg = pouredKg(item);
    this.mix(
      inKg * ingredient.specificHeatKJKgK.value + soakedKg(item) * WATER_HEAT_KJ_KG_K.value,
      fromC,
    );
    if (item.frozen) this.melt(item.massKg * FROZEN_KJ_KG);
    this.dissolve(item, inKg);
    if (ingredient.group === "fat") {
      const waterKg = inKg * ingredient.waterShare.value;
      this.fatKg += inKg - waterKg;
      this.pourIn(waterKg);
    } else if (ingredient.isLiquid) this.pourIn(inKg);
    else if (!isLoose(ingredient)) this.putSolidIn(item, ingredient, fromC);
    this.changed();
  }

  private pourIn(kg: number): void {
    this.liquidKg += kg;
    this.ledger.post("added", kg);
  }

  private putSolidIn(item: PlanItem, ingredient: Ingredient, fromC: number): void {
    const heat = this.pieceHeat(item, fromC);
    const solid = new SolidIn(
      item,
      ingredient,
      heat,
      this.parameters.freed,
      this.surroundings.boilingC,
    );
    this.solidsIn.push(solid);
    this.everIn.push(solid);
    const soak = itemWork(item, "soak");
    if (soak?.liquorL !== undefined)
      this.pourIn(liquorL(soak.liquorL, item.massKg, soakedKg(item) / item.massKg));
    if (itemWork(item, "sweat") !== undefined) heat.cookMin += SWEAT_COOK_MIN.value;
    if (item.boiledMin > 0) this.boiledBefore(solid);
    if (ingredient.uptakeIdealMin === undefined) this.takeUp(solid);
  }

  /** Salt, sugar, gelatin and alcohol that come with it; boiled down before, most alcohol is gone. */
  private dissolve(item: PlanItem, inKg: number): void {
    const values = valuesOf(item);
    const { dissolved } = this;
    dissolved.saltG += item.massKg * values.saltGKg;
    dissolved.sugarG += item.massKg * values.sugarGKg;
    dissolved.gelatinG += item.massKg * values.gelatinGKg;
    if (values.alcoholShare === 0) return;
    const volumeL = item.massKg / ingredientOf(item).densityKgL.value;
    const left = inKg / item.massKg;
    const kept = left < 1 ? alcoholKept(REDUCE_MIN.value, 1 - left) : 1;
    dissolved.addAlcohol(
      alcoholG(volumeL, values.alcoholShare) * kept,
      this.elapsedS,
      this.steamedKg,
    );
  }

  /** What was boiled apart brings its cook value, and the water it took up there. */
  private boiledBefore(solid: SolidIn): void {
    solid.heat.cookMin +=
      solid.item.boiledMin * cookRate(this.surroundings.boilingC, this.parameters.zC);
    solid.takenUpKg += solid.uptakeStepKg();
  }

  /** Ladles kg of liquid out, with its share of what is dissolved; it can be poured back. */
  ladleOut(kg: number): void {
    const outKg = Math.min(this.liquidKg, kg);
    this.ladled.give(this.giveAway(outKg, "handedOn"));
    this.ladledKg += outKg;
    this.changed();
  }

  /** Pours kg back of what was ladled out, as it was; what is more than that is water. */
  pourBack(kg: number, tempC: number): void {
    const backKg = Math.min(this.ladledKg, kg);
    if (backKg > 0) {
      this.mix(backKg * WATER_HEAT_KJ_KG_K.value, tempC);
      this.dissolved.give(this.ladled.take(backKg / this.ladledKg));
      this.liquidKg += backKg;
      this.ladledKg -= backKg;
      this.ledger.post("handedOver", backKg);
      this.changed();
    }
    if (kg > backKg) this.addWater(kg - backKg, tempC);
  }

  /** What goes with outKg of the liquid, all its gelatin in. */
  private giveAway(outKg: number, kind: "handedOn" | "overRim"): DissolvedShare {
    const share = this.liquidKg > 0 ? outKg / this.liquidKg : 0;
    const gelatinG = this.gelatinG * share;
    const leftG = this.dissolved.gelatinG - gelatinG;
    const gone = this.dissolved.take(share);
    // What the solids gave stays counted as theirs, so all of what goes is taken off here.
    this.dissolved.gelatinG = leftG;
    this.liquidKg -= outKg;
    this.ledger.post(kind, -outKg);
    return { ...gone, gelatinG };
  }

  /** Lifts a solid out with what clings to it. */
  takeOut(itemId: string, { kind, lPerKg }: Clinging): void {
    const index = this.solidsIn.findIndex((s) => s.item.id === itemId);
    const solid = this.solidsIn[index];
    if (solid === undefined) return;
    const clings = solid.kg * lPerKg * this.parameters.leftOnSolids;
    const liquidKg = Math.min(this.liquidKg, clings);
    const share = this.liquidKg > 0 ? liquidKg / this.liquidKg : 0;
    const allGelatinG = this.gelatinG;
    const gaveG = solid.gelatinG * this.parameters.extraction;
    const dissolved = { ...this.dissolved.take(share), gelatinG: 0 };
    this.solidsIn.splice(index, 1);
    // Alike pieces are warmed as one, until the last of them is out.
    if (!this.solidsIn.some((s) => s.heat === solid.heat))
      this.pieces.splice(this.pieces.indexOf(solid.heat), 1);
    const carriedG = allGelatinG * share;
    this.dissolved.gelatinG += allGelatinG - this.gelatinG - carriedG;
    this.liquidKg -= liquidKg;
    this.ledger.post(kind, -liquidKg);
    this.outOfPot.set(itemId, { solid, liquidKg, dissolved, gaveG, carriedG });
    this.changed();
  }

  /** Puts back what was lifted out, with all that came along; what clings to bones that stay out stays too. */
  putBack(itemId: string): void {
    const out = this.outOfPot.get(itemId);
    if (out === undefined) return;
    this.outOfPot.delete(itemId);
    const { solid, gaveG, carriedG } = out;
    const { boneShare } = solid.item.out ?? {};
    const wholeKg = solid.kg;
    if (boneShare !== undefined) solid.takeOffBones(boneShare);
    const back = solid.kg / wholeKg;
    this.solidsIn.push(solid);
    if (!this.pieces.includes(solid.heat)) this.pieces.push(solid.heat);
    this.dissolved.give(shareOf(out.dissolved, back));
    this.dissolved.gelatinG -= gaveG - carriedG * back;
    this.liquidKg += out.liquidKg * back;
    this.ledger.post("handedOver", out.liquidKg * back);
    this.changed();
  }

  private changed(): void {
    this.changes++;
    this.geometry = null;
    this.mainOf = -1;
  }

  private pieceHeat(item: PlanItem, fromC: number): PieceHeat {
    const tauS = pieceTauOf(item, this.surroundings.pieceM);
    const isOwn = item.out !== undefined || itemWork(item, "sweat") !== undefined;
    const own = isOwn ? item.id : "";
    const key = `${tauS}|${fromC}|${item.frozen}|${item.boiledMin}|${this.steps}|${own}`;
    const found = this.pieceKeys.get(key);
    if (found !== undefined) return found;
    const { zC } = this.parameters;
    const made = new PieceHeat(tauS, fromC, zC, item.frozen, this.surroundings.fineness);
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

  /** How long it takes at netW to warm or cool to toC, s: negative where it never does. */
  untilS(toC: number, netW: number): number {
    return (((toC - this.tempC) * this.heatCapacityKJK + this.meltKJ) * 1000) / netW;
  }

  /** Its temperature once it has warmed by netW for dtS, °C. */
  warmedC(netW: number, dtS: number): number {
    const kJ = (netW * dtS) / 1000;
    return this.tempC + (kJ - Math.min(this.meltKJ, Math.max(0, kJ))) / this.heatCapacityKJK;
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
  private elapsedS = 0;
  private lastPassC = NaN;
  /** How far the liquid moved in the last step, as far as a step's length goes by it, °C. */
  movedC = 0;
  /** Liquid that came and liquid that went in the last step, kg, added up. */
  exchangedKg = 0;
  /** How often something was put in, poured or taken out. */
  changes = 0;
  private readonly everIn: SolidIn[] = [];
  private mainIn: SolidIn | null = null;
  private mainOf = -1;

  /**
   * Lets dtS pass at the present temperature: steamKgS leaves, pieces warm, juice and fat come out,
   * dry things swell.
   */
  pass(dtS: number, steamKgS: number): void {
    this.steps++;
    this.elapsedS += dtS;
    const isSteep = this.tempC > this.surroundings.boilingC - STEEP_C;
    this.movedC = (isSteep ? 2 : 1) * Math.abs(this.tempC - this.lastPassC) || 0;
    this.lastPassC = this.tempC;
    for (const piece of this.pieces) {
      piece.step(dtS, this.tempC);
      this.movedC = Math.max(this.movedC, piece.movedC / PIECES_MOVE);
    }
    this.exchangedKg = 0;
    for (const solid of this.solidsIn) this.exchange(solid, dtS);
    const steamKg = Math.min(this.liquidKg, steamKgS * dtS);
    this.exchangedKg += steamKg;
    this.liquidKg -= steamKg;
    this.steamedKg += steamKg;
    this.ledger.post("evaporated", -steamKg);
    if (this.changedKg > GEOMETRY_TOLERANCE_KG) this.geometry = null;
  }

  private exchange(s: SolidIn, dtS: number): void {
    const { ingredient } = s;
    s.beanBoil?.step(dtS / 60, this.tempC, this.elapsedS / 60);
    if (ingredient.meatFreed !== undefined) {
      const { juiceKg, fatKg } = s.meatStep(dtS);
      s.juiceKg += juiceKg;
      this.free("juice", juiceKg);
      this.render(s, fatKg);
    }
    if (ingredient.vegetableFreed !== undefined) {
      const kg = s.vegetableStepKg();
      s.vegetableKg += kg;
      this.free("vegetables", kg);
    }
    if (ingredient.fatKgKg !== undefined) this.render(s, s.boneFatStepKg());
    if (ingredient.uptakeIdealMin !== undefined) this.takeUp(s);
  }

  private free(kind: "juice" | "vegetables", kg: number): void {
    this.exchangedKg += kg;
    this.liquidKg += kg;
    this.changedKg += kg;
    this.ledger.post(kind, kg);
  }

  private render(s: SolidIn, kg: number): void {
    s.fatKg += kg;
    this.fatKg += kg;
    this.changedKg += kg;
  }

  private takeUp(s: SolidIn): void {
    const kg = Math.min(this.liquidKg, s.uptakeStepKg());
    s.takenUpKg += kg;
    this.exchangedKg += kg;
    this.liquidKg -= kg;
    this.changedKg += kg;
    this.ledger.post("takenUp", -kg);
  }

  /** Takes kg of liquid out as steam through a valve. */
  vent(kg: number): void {
    const out = Math.min(this.liquidKg, kg);
    this.liquidKg -= out;
    this.ledger.post("vented", -out);
  }

  /** Everything solid that ever went in, in that order. */
  get contents(): readonly SolidIn[] {
    return this.everIn;
  }

  /** Alcohol in the liquid now, g. */
  get alcoholLeft(): AlcoholLeft {
    return this.dissolved.alcoholG(this.elapsedS, this.steamedKg, this.liquidKg);
  }

  /** Weight of all solids as they are now, kg. */
  get solidsKg(): number {
    return this.solidsIn.reduce((sum, s) => sum + s.kg, 0);
  }

  private shape(): { solids: SolidsIn; heapTopM: number } {
    if (this.geometry !== null) return this.geometry;
    let solid = 0;
    let heap = 0;
    let floating = 0;
    for (const s of this.solidsIn) {
      if (s.ingredient.densityKgL.value < 1) {
        floating += s.kg;
        continue;
      }
      const volume = s.volumeL;
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
      heapTopM: heap > 0 ? heapStandsM(this.vessel, solids, this.fullL, this.lastHeapTopM) : 0,
    };
    this.lastHeapTopM = this.geometry.heapTopM;
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

  /** Finds the level for what is in the pot now; what does not go in runs over the rim. */
  findDepthM(): number {
    const { solids } = this;
    const wantsL = this.hotL + this.fatKg / FAT_DENSITY_KG_L.value;
    const roomL = liquidToRimL(this.vessel, solids, this.fullL);
    if (wantsL > roomL) this.runOver(1 - roomL / wantsL);
    this.depthM =
      wantsL >= roomL
        ? this.vessel.heightM
        : depthForLiquidM(this.vessel, solids, wantsL, this.depthM > 0 ? this.depthM : undefined);
    this.areaM2 = vesselAreaM2(this.vessel, this.depthM);
    return this.depthM;
  }

  /** A share of the liquid and of the fat on it runs over the rim, with what is dissolved in it. */
  private runOver(share: number): void {
    this.ranOverKg += this.liquidKg * share;
    this.fatKg -= this.fatKg * share;
    this.giveAway(this.liquidKg * share, "overRim");
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
    const given = this.solidsIn.reduce((sum, s) => sum + s.gelatinG, 0);
    return given * this.parameters.extraction + this.dissolved.gelatinG;
  }

  /**
   * What rules the dish, or the heaviest of bones and meat that are in; where none is any more, of those that
   * were. Null while it is not in.
   */
  get main(): SolidIn | null {
    if (this.mainOf === this.solidsIn.length) return this.mainIn;
    const { ruledBy } = this.surroundings;
    this.mainIn =
      ruledBy === null
        ? leading(this.solidsIn, this.everIn)
        : (this.solidsIn.findLast((s) => s.item.id === ruledBy) ?? null);
    this.mainOf = this.solidsIn.length;
    return this.mainIn;
  }

  /** Its cook value, min at 100 °C; lifted out it keeps what it has. */
  get cookMin(): number {
    const out = this.outOfPot.get(this.surroundings.ruledBy ?? "");
    return (this.main ?? out?.solid)?.heat.cookMin ?? 0;
  }
}
