import { LEFT_IN_CLOTH_L, LEFT_ON_PRESSED_L_KG, LEFT_ON_SOLIDS_L_KG } from "../liquid/constants";
import type { Parameters } from "./parameters";
import type { Plan } from "./plan-schema";
import type { Pot } from "./pot";

/** Internal: pours a pot through the sieve; what stays on solidsKg of solids and in each cloth is posted. */
export function strain(
  pot: Pot,
  { strain: how }: Plan,
  parameters: Parameters,
  solidsKg: number,
): void {
  const perKg = how.pressed ? LEFT_ON_PRESSED_L_KG : LEFT_ON_SOLIDS_L_KG;
  const onSolids = Math.min(pot.liquidKg, solidsKg * perKg.value * parameters.leftOnSolids);
  pot.liquidKg -= onSolids;
  pot.ledger.post("leftOnSolids", -onSolids);
  const inCloth = Math.min(pot.liquidKg, how.clothPasses * LEFT_IN_CLOTH_L.value);
  pot.liquidKg -= inCloth;
  pot.ledger.post("leftInCloth", -inCloth);
}
