import { flowOf, type FlowPart } from "../batch/flow";
import { differenceOf, type Difference } from "./difference";
import type { Side } from "./side";
import { wentOf, type Went } from "./went";

/** One way liquid came in or went, of both pots; litres, 0 where it was none of one. */
export interface LedgerRow {
  readonly id: string;
  readonly name: string;
  readonly side: FlowPart["side"];
  readonly litres: readonly [number, number];
}

/** Two pots side by side: how each went, where its litres went, and the difference taken apart. */
export interface Compared {
  readonly difference: Difference;
  readonly went: readonly [Went, Went];
  readonly ledger: readonly LedgerRow[];
}

/** @throws Problem where one of the two cannot be reckoned */
export const compare = (from: Side, to: Side): Compared => ({
  difference: differenceOf(from, to),
  went: [wentOf(from), wentOf(to)],
  ledger: ledgerOf(flowIn(from), flowIn(to)),
});

const flowIn = ({ setPot, cook }: Side): readonly FlowPart[] => flowOf(setPot, cook);

/** What came in first; what nobody measured as it was reckoned. */
function ledgerOf(from: readonly FlowPart[], to: readonly FlowPart[]): readonly LedgerRow[] {
  const byId = new Map([...to, ...from].map((p) => [p.id, p]));
  const litresIn = (flow: readonly FlowPart[], id: string) => {
    const part = flow.find((p) => p.id === id);
    return part === undefined ? 0 : (part.gotL ?? part.plannedL);
  };
  return [...byId.values()]
    .map(({ id, name, side }): LedgerRow => ({
      id,
      name,
      side,
      litres: [litresIn(from, id), litresIn(to, id)],
    }))
    .sort((a, b) => Number(b.side === "in") - Number(a.side === "in"));
}
