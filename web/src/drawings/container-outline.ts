import type { StoreKind } from "@kettlos/core/vessel/store-container";

/** A container's body as it is drawn in a box of 40 × 56: a trapezium, with a neck or lid over it. */
export interface ContainerOutline {
  readonly topY: number;
  readonly bottomY: number;
  /** Half widths at the top and bottom of the body, about x = 20. */
  readonly topHalf: number;
  readonly bottomHalf: number;
  /** What is drawn over the body: neck, lid, seam; as a path. */
  readonly above: string;
}

const OUTLINES: Readonly<Record<StoreKind, ContainerOutline>> = {
  mould: { topY: 27, bottomY: 53, topHalf: 17, bottomHalf: 11, above: "M1 27H39" },
  tray: { topY: 39, bottomY: 53, topHalf: 19, bottomHalf: 17, above: "" },
  jar: { topY: 10, bottomY: 53, topHalf: 14, bottomHalf: 14, above: "M5 10V4H35V10Z" },
  shoulderJar: {
    topY: 21,
    bottomY: 53,
    topHalf: 16,
    bottomHalf: 16,
    above: "M4 21C5 14 11 14 11 10V4H29V10C29 14 35 14 36 21M11 10H29",
  },
  bag: { topY: 12, bottomY: 53, topHalf: 15, bottomHalf: 16, above: "M5 12V6H35V12M5 9H35" },
  tub: { topY: 20, bottomY: 53, topHalf: 18, bottomHalf: 16, above: "M1 20V16H39V20Z" },
};
export const outlineOf = (kind: StoreKind): ContainerOutline => OUTLINES[kind];

/** The body filled to a share of its height, as a path. */
export function fillPath(o: ContainerOutline, share: number): string {
  const s = Math.min(1, Math.max(0, share));
  const y = o.bottomY - (o.bottomY - o.topY) * s;
  const half = o.bottomHalf + (o.topHalf - o.bottomHalf) * s;
  return `M${20 - o.bottomHalf} ${o.bottomY}L${20 - half} ${y}H${20 + half}L${20 + o.bottomHalf} ${o.bottomY}Z`;
}

export const bodyPath = (o: ContainerOutline): string => fillPath(o, 1);
