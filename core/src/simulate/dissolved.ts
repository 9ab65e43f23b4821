import { alcoholKept, usdaKept } from "../seasoning/alcohol";

/** One drink poured in: its alcohol, when, and how much had steamed off by then. */
interface AlcoholIn {
  g: number;
  readonly atS: number;
  readonly steamedKg: number;
}

/** Alcohol left, g. */
export interface AlcoholLeft {
  readonly byTimeG: number;
  readonly mostG: number;
}

/** What is dissolved in a pot's liquid, g. It goes wherever the liquid goes, in proportion. */
export class Dissolved {
  saltG = 0;
  sugarG = 0;
  /** Gelatin that came in already dissolved, and what solids gave that are not in the pot any more. */
  gelatinG = 0;
  private readonly alcohols: AlcoholIn[] = [];

  addAlcohol(g: number, atS: number, steamedKg: number): void {
    if (g > 0) this.alcohols.push({ g, atS, steamedKg });
  }

  /** Alcohol left at a moment, g: by the time alone, and by how much steam could carry off. */
  alcoholG(nowS: number, steamedKg: number, liquidKg: number): AlcoholLeft {
    let [byTimeG, mostG] = [0, 0];
    for (const { g, atS, steamedKg: before } of this.alcohols) {
      const steamed = steamedKg - before;
      const share = steamed > 0 ? steamed / (steamed + liquidKg) : 0;
      const min = (nowS - atS) / 60;
      byTimeG += g * usdaKept(min);
      mostG += g * alcoholKept(min, share);
    }
    return { byTimeG, mostG };
  }

  /** Takes out what goes along with this share of the liquid. */
  take(share: number): DissolvedShare {
    const out = {
      saltG: this.saltG * share,
      sugarG: this.sugarG * share,
      gelatinG: this.gelatinG * share,
      alcohols: this.alcohols.map((a) => ({ ...a, g: a.g * share })),
    };
    this.saltG -= out.saltG;
    this.sugarG -= out.sugarG;
    this.gelatinG -= out.gelatinG;
    for (const a of this.alcohols) a.g *= 1 - share;
    return out;
  }

  /** Puts back what was taken. */
  give(back: DissolvedShare): void {
    this.saltG += back.saltG;
    this.sugarG += back.sugarG;
    this.gelatinG += back.gelatinG;
    this.alcohols.push(...back.alcohols);
  }
}

/** What went along with a share of the liquid. */
export interface DissolvedShare {
  readonly saltG: number;
  readonly sugarG: number;
  readonly gelatinG: number;
  readonly alcohols: AlcoholIn[];
}

/** So much of what went along. */
export const shareOf = (out: DissolvedShare, share: number): DissolvedShare => ({
  saltG: out.saltG * share,
  sugarG: out.sugarG * share,
  gelatinG: out.gelatinG * share,
  alcohols: out.alcohols.map((a) => ({ ...a, g: a.g * share })),
});
