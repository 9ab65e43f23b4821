import type { FlavourKind } from "../ingredient/ingredient";
import { kitchenEstimate, type Constant } from "../units/constant";

export interface FlavourWindow {
  readonly from: Constant;
  readonly ideal: Constant;
  readonly past: Constant;
}

const value = (what: string, v: number) =>
  kitchenEstimate(what, v, "min at 100 °C", "usual simmering times as cook values, ±25 %", 0.25);

const window = (kind: string, from: number, ideal: number, past: number): FlavourWindow => ({
  from: value(`${kind} stock has its flavour`, from),
  ideal: value(`${kind} stock at its best`, ideal),
  past: value(`${kind} stock is past its best`, past),
});

/** Cook values (minutes at 100 °C) between which a stock of each kind tastes right. */
export const FLAVOUR_WINDOWS: Record<FlavourKind, FlavourWindow> = {
  fish: window("fish", 8, 15, 25),
  vegetable: window("vegetable", 15, 25, 100),
  poultry: window("poultry", 60, 150, 600),
  meat: window("meat", 100, 250, 900),
};
