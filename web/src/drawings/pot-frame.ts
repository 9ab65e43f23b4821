import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";

/** Where a pot's section sits on the drawing: one scale for width and height. */
export interface PotFrame {
  readonly vessel: VesselShape;
  readonly pxPerM: number;
  readonly centreX: number;
  readonly floorY: number;
  readonly rimY: number;
}

export interface Box {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

const widest = (vessel: VesselShape): number => Math.max(vessel.bottomM[0], vessel.topM[0]);

/** The largest scale at which a vessel fits a box with its margins. */
function scaleToFit(vessel: VesselShape, box: Box): number {
  return Math.min(
    (box.width - box.left - box.right) / widest(vessel),
    (box.height - box.top - box.bottom) / vessel.heightM,
  );
}

/** Places a vessel's section in a box, on its floor, in the middle; `pxPerM` keeps several at one scale. */
export function potFrame(
  vessel: VesselShape,
  box: Box,
  pxPerM = scaleToFit(vessel, box),
): PotFrame {
  const floorY = box.height - box.bottom;
  return {
    vessel,
    pxPerM,
    centreX: box.left + (box.width - box.left - box.right) / 2,
    floorY,
    rimY: floorY - vessel.heightM * pxPerM,
  };
}

export const yAt = (frame: PotFrame, depthM: number): number =>
  frame.floorY - depthM * frame.pxPerM;

export const depthAtY = (frame: PotFrame, y: number): number =>
  Math.min(frame.vessel.heightM, Math.max(0, (frame.floorY - y) / frame.pxPerM));

/** Half the inner width, px, at a depth. */
export function halfWidthAt({ vessel, pxPerM }: PotFrame, depthM: number): number {
  const s = depthM / vessel.heightM;
  return ((vessel.bottomM[0] + (vessel.topM[0] - vessel.bottomM[0]) * s) * pxPerM) / 2;
}

/** How far the floor's corners are rounded, px. */
const cornerPx = (frame: PotFrame): number =>
  Math.min(12, halfWidthAt(frame, 0) / 3, (frame.floorY - frame.rimY) / 3);

/** A point of the drawing moved, if need be, to within the inner wall, the floor and its rounded corners. */
export function withinWalls(frame: PotFrame, x: number, y: number): [number, number] {
  const above = Math.max(0, frame.floorY - y);
  const corner = cornerPx(frame);
  // The corner is the curve of innerPath: corner·t² in from the wall where corner·(1 − t)² above the floor.
  const inset = above < corner ? corner * (1 - Math.sqrt(above / corner)) ** 2 : 0;
  const half = Math.max(0, halfWidthAt(frame, above / frame.pxPerM) - inset);
  return [
    Math.min(frame.centreX + half, Math.max(frame.centreX - half, x)),
    Math.min(frame.floorY, y),
  ];
}

/** The inner section as a path with rounded floor corners, grown outward by `grow` px. */
export function innerPath(frame: PotFrame, grow = 0): string {
  const { centreX: x, floorY, rimY, vessel } = frame;
  const top = halfWidthAt(frame, vessel.heightM) + grow;
  const bottom = halfWidthAt(frame, 0) + grow;
  const floor = floorY + grow;
  const corner = cornerPx(frame) + grow / 2;
  const slope = (top - bottom) / (floor - rimY);
  const at = corner * slope;
  return [
    `M${x - top} ${rimY}`,
    `L${x - bottom - at} ${floor - corner}`,
    `Q${x - bottom} ${floor} ${x - bottom + corner} ${floor}`,
    `H${x + bottom - corner}`,
    `Q${x + bottom} ${floor} ${x + bottom + at} ${floor - corner}`,
    `L${x + top} ${rimY}`,
    "Z",
  ].join(" ");
}

/** The slice of the section between two depths, as a polygon path. */
export function slicePath(frame: PotFrame, fromM: number, toM: number): string {
  const low = Math.max(0, Math.min(fromM, toM));
  const high = Math.min(frame.vessel.heightM, Math.max(fromM, toM));
  const { centreX: x } = frame;
  const a = halfWidthAt(frame, low);
  const b = halfWidthAt(frame, high);
  const [y0, y1] = [yAt(frame, low), yAt(frame, high)];
  return `M${x - a} ${y0}L${x - b} ${y1}H${x + b}L${x + a} ${y0}Z`;
}
