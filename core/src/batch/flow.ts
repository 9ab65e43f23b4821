import { plannedOnce } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";
import { word } from "../units/word";
import { gapOf } from "./gap";
import type { Cook } from "./fold";

/** One way liquid came in or went, planned and, once strained, as it likely went; litres. */
export interface FlowPart {
  readonly id: string;
  readonly name: string;
  readonly side: "in" | "out";
  readonly colour: "broth" | "steam" | "bone";
  readonly plannedL: number;
  readonly gotL: number | null;
}

/** Where every litre goes: planned by the ledger, got by what was measured and the likeliest causes. */
export function flowOf(setPot: SetPot, cook: Cook): readonly FlowPart[] {
  const { ledger, strained } = plannedOnce(setPot).trace;
  const gap = gapOf(setPot, cook);
  const share = (cause: string) => gap?.parts.find((p) => p.cause === cause)?.litres ?? 0;
  const got = (plannedL: number, changeL: number) =>
    gap === null ? null : Math.max(0, plannedL + changeL);
  const parts: FlowPart[] = [
    {
      id: "water",
      name: "water and other liquids",
      side: "in",
      colour: "broth",
      plannedL: ledger.added,
      gotL: got(
        ledger.added,
        cook.pours.reduce((sum, t) => sum + t.volumeL, 0),
      ),
    },
    {
      id: "freed",
      name: "from meat and vegetables",
      side: "in",
      colour: "broth",
      plannedL: ledger.juice + ledger.vegetables,
      gotL: got(ledger.juice + ledger.vegetables, share("juice")),
    },
    {
      id: "strained",
      name: setPot.plan.end === "served" ? word("liquid") : word("strained"),
      side: "out",
      colour: "broth",
      plannedL: strained.volumeL,
      gotL: gap?.gotL ?? null,
    },
    {
      id: "steam",
      name: "steamed off",
      side: "out",
      colour: "steam",
      plannedL: -(ledger.evaporated + ledger.vented),
      gotL: got(-(ledger.evaporated + ledger.vented), -share("steam")),
    },
    {
      id: "bones",
      name: "in and on the solids",
      side: "out",
      colour: "bone",
      plannedL: -ledger.takenUp - ledger.leftOnSolids,
      gotL: got(-ledger.takenUp - ledger.leftOnSolids, -share("solids")),
    },
    {
      id: "out",
      name: "ladled or lifted out",
      side: "out",
      colour: "broth",
      plannedL: -ledger.handedOn - ledger.handedOver,
      gotL: got(-ledger.handedOn - ledger.handedOver, 0),
    },
    {
      id: "rim",
      name: "run over the rim",
      side: "out",
      colour: "steam",
      plannedL: -ledger.overRim,
      gotL: got(-ledger.overRim, 0),
    },
    {
      id: "cloth",
      name: "in the cloth",
      side: "out",
      colour: "bone",
      plannedL: -ledger.leftInCloth,
      gotL: got(-ledger.leftInCloth, 0),
    },
    {
      id: "grit",
      name: "left with the grit",
      side: "out",
      colour: "bone",
      plannedL: 0,
      gotL: gap === null ? null : cook.leftL,
    },
  ];
  return parts.filter((p) => p.plannedL > 0.004 || (p.gotL ?? 0) > 0.004);
}
