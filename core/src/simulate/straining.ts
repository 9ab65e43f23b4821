import { LEFT_IN_CLOTH_L, LEFT_ON_PRESSED_L_KG, LEFT_ON_SOLIDS_L_KG } from "../liquid/constants";
import type { Parameters } from "./parameters";
import type { Plan } from "./plan-schema";
import type { Clinging, Pot } from "./pot";

/** What clings to what is lifted out to go back in. */
export const LIFTED: Clinging = { kind: "handedOn", lPerKg: LEFT_ON_SOLIDS_L_KG.value };
/** What stays on what comes out for good. */
export const leftBehind = ({ pressed }: Pick<Plan["strain"], "pressed">): Clinging => ({
  kind: "leftOnSolids",
  lPerKg: (pressed ? LEFT_ON_PRESSED_L_KG : LEFT_ON_SOLIDS_L_KG).value,
});

/** Internal: pours a pot through the sieve; what stays on solidsKg of solids and in each cloth is posted. */
export function strain(
  pot: Pot,
  { strain: how }: Plan,
  parameters: Parameters,
  solidsKg: number,
): void {
  const { lPerKg } = leftBehind(how);
  const onSolids = Math.min(pot.liquidKg, solidsKg * lPerKg * parameters.leftOnSolids);
  pot.liquidKg -= onSolids;
  pot.ledger.post("leftOnSolids", -onSolids);
  const inCloth = Math.min(pot.liquidKg, how.clothPasses * LEFT_IN_CLOTH_L.value);
  pot.liquidKg -= inCloth;
  pot.ledger.post("leftInCloth", -inCloth);
}
