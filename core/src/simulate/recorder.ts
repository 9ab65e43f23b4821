import { FAT_DENSITY_KG_L } from "../liquid/constants";
import type { Pot } from "./pot";
import type { Mark, Phase, TracePoint } from "./trace";

const POINTS_WANTED = 240;

/** Internal: what a run leaves behind of its way, at moments far enough apart to be drawn. */
export class Recorder {
  readonly points: TracePoint[] = [];
  readonly marks: Mark[] = [];
  /** The fullest the pot was, liquid, solids and fat together, hot litres. */
  fullestL = 0;
  private readonly everyMin: number;
  private recordedMin = -Infinity;

  constructor(
    private readonly pot: Pot,
    plannedHoldMin: number,
  ) {
    this.everyMin = Math.max(0.5, plannedHoldMin / POINTS_WANTED);
  }

  /** Liquid and solids together, hot litres. */
  contentsL(): number {
    const { heapSolidL, floatingL } = this.pot.solids;
    return this.pot.hotL + heapSolidL + floatingL + this.pot.fatKg / FAT_DENSITY_KG_L.value;
  }

  record(phase: Phase, tMin: number, always: boolean): void {
    if (!always && tMin - this.recordedMin < this.everyMin) return;
    const { pot } = this;
    this.recordedMin = tMin;
    this.fullestL = Math.max(this.fullestL, this.contentsL());
    this.points.push({
      tMin,
      phase,
      liquidC: pot.tempC,
      centreC: pot.main?.heat.centreC ?? pot.tempC,
      liquidKg: pot.liquidKg,
      liquidL: pot.hotL,
      depthM: pot.depthM,
      steamedKg: pot.steamedKg,
      ranOverKg: pot.ranOverKg,
      cookMin: pot.cookMin,
      gelatinG: pot.gelatinG,
      contentsKg: pot.liquidKg + pot.solidsKg + pot.fatKg,
    });
  }
}
