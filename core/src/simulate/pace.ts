import { DRY_ALARM_M, FAT_LAYER_FROM_M } from "../liquid/constants";
import type { Pot } from "./pot";
import { Nearing, Steps, Trend } from "./steps";

/** Fat comes faster and faster at first: it is nearer than its last step says. */
const FAT_NEARER = 0.7;

/** What hovers at a mark may pass it late by so much, s. */
const HOVERS_S = 6;

/** Internal: how long the steps of one pot are, by what moves in it and what it comes near to. */
export class Pace {
  private readonly steps: Steps;
  private readonly surface = new Trend();
  private readonly toHeap = new Nearing();
  private readonly toBare = new Nearing();
  private readonly toFat = new Nearing(FAT_NEARER);
  private readonly toDry = new Nearing();
  private readonly toEnd = new Nearing();
  private readonly hoversS: number;
  private lastS = 0;
  private lastHeapTopM = NaN;
  /** How fast the level and the heap move at the most against each other, by what came and went in the last step, m/s. */
  private mostMS = 0;
  private changes = -1;
  private standsOut = false;
  private isFatty = false;

  constructor(
    private readonly pot: Pot,
    fineness: number,
  ) {
    this.steps = new Steps(fineness);
    this.hoversS = HOVERS_S / fineness;
  }

  /** What is awaited is met within this, s. */
  get nearS(): number {
    return this.steps.nearS;
  }

  /** What was goes on no longer: the next step is short, and goes by no step before it. */
  begin(): void {
    this.steps.begin();
    this.surface.begin();
    this.lastHeapTopM = NaN;
  }

  /** A step was taken, and its level is found. */
  passed(dtS: number): void {
    this.steps.taken(dtS, this.pot.movedC);
    this.lastS = dtS;
    const { surfaceM2, heapTopM, exchangedKg } = this.pot;
    this.surface.note(surfaceM2, dtS);
    // What was put in or taken out moved the heap, and no more of that comes.
    const heapM = Number.isNaN(this.lastHeapTopM) ? 0 : Math.abs(heapTopM - this.lastHeapTopM);
    this.mostMS = (exchangedKg / 1000 / surfaceM2 + heapM) / dtS;
    this.lastHeapTopM = heapTopM;
  }

  /** Surface half-way through a step of dtS that begins now, m². */
  surfaceM2(dtS: number): number {
    return this.surface.halfway(this.pot.surfaceM2, dtS);
  }

  /**
   * How long the next step may be, s: no further than to where the steam jumps as the level or the fat on it passes a
   * mark, or where it comes to the alarm over the heap, if that is set. `changes` counts what happened so far.
   */
  stepS(changes: number, hasAlarm: boolean): number {
    const { pot, steps, lastS, nearS } = this;
    const overHeapM = pot.depthM - pot.heapTopM;
    const { fatLayerM } = pot;
    const standsOut = overHeapM < 0;
    const isFatty = fatLayerM >= FAT_LAYER_FROM_M.value;
    if (changes !== this.changes || standsOut !== this.standsOut || isFatty !== this.isFatty)
      this.begin();
    this.changes = changes;
    this.standsOut = standsOut;
    this.isFatty = isFatty;
    const markS = Math.min(
      this.atMostS(overHeapM),
      hasAlarm ? this.atMostS(overHeapM - DRY_ALARM_M.value) : Infinity,
      this.toHeap.untilS(overHeapM, 0, lastS, nearS),
      hasAlarm ? this.toBare.untilS(overHeapM, DRY_ALARM_M.value, lastS, nearS) : Infinity,
      this.toFat.untilS(fatLayerM, FAT_LAYER_FROM_M.value, lastS, nearS),
      this.toDry.untilS(pot.liquidKg, 0, lastS, nearS),
    );
    return Math.min(steps.longestS, Math.max(nearS, markS));
  }

  /** What comes and goes may outweigh each other for a while: how soon it is by so far off when one of them stops, s. */
  private atMostS(offM: number): number {
    // Before anything moves, at the mark or not, nothing comes to it.
    return this.mostMS > 0 ? Math.max(this.hoversS, Math.abs(offM) / this.mostMS) : Infinity;
  }

  /** How soon what ends a hold is at its mark, as it goes now, s. */
  untilEndS(value: number, mark: number): number {
    return this.toEnd.untilS(value, mark, this.lastS, this.nearS);
  }
}
