/** Every way liquid comes into a pot or leaves it. Signs: in positive, out negative. */
const LEDGER_KINDS = [
  "added",
  "juice",
  "vegetables",
  "takenUp",
  "evaporated",
  "vented",
  "handedOver",
  "handedOn",
  "pouredOff",
  "overRim",
  "leftOnSolids",
  "leftInCloth",
] as const;
export type LedgerKind = (typeof LEDGER_KINDS)[number];

/** Totals in kg of liquid by kind, signed. */
export type LedgerTotals = Readonly<Record<LedgerKind, number>>;

/** The account of a pot's liquid, kg. Posting is the only way to change it. */
export class Ledger {
  private readonly sums: Record<LedgerKind, number> = {
    added: 0,
    juice: 0,
    vegetables: 0,
    takenUp: 0,
    evaporated: 0,
    vented: 0,
    handedOver: 0,
    handedOn: 0,
    pouredOff: 0,
    overRim: 0,
    leftOnSolids: 0,
    leftInCloth: 0,
  };

  post(kind: LedgerKind, kg: number): void {
    if (kg !== 0) this.sums[kind] += kg;
  }

  get totals(): LedgerTotals {
    return { ...this.sums };
  }
}

/** Liquid in the pot that a ledger's totals leave, kg. */
export const ledgerBalanceKg = (totals: LedgerTotals): number =>
  LEDGER_KINDS.reduce((sum, kind) => sum + totals[kind], 0);
