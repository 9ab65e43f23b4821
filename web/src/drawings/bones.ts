import { Delaunay } from "d3-delaunay";
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { Pieces } from "./pieces-of";
import { halfWidthAt, withinWalls, yAt, type PotFrame } from "./pot-frame";

/** A shape and, within it, what its line leaves: two fills, since a line along so many curves is slow to draw. */
interface Outlined {
  readonly line: string;
  readonly body: string;
}
/** One drawn bone: its outline, and its marrow where it is cut across. */
export interface DrawnBone extends Outlined {
  readonly marrow: Outlined | null;
}

type Point = [number, number];
/** Straight from corner to corner: at a bone's size on the screen no corner shows, and curves are slow to draw. */
const closed = (corners: readonly Point[]): string =>
  `M${corners.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join("L")}Z`;

/**
 * A heap of bones up to heapTopM, drawn from the cells of a Voronoi diagram that was evened out
 * twice: pieces of pitchM that fill the heap without overlapping. The same seed draws the same heap.
 */
export function heapOfBones(
  frame: PotFrame,
  heapTopM: number,
  pitchM: number,
  seed: number,
  pieces: Pieces = "bones",
  lineWidth = 1.15,
): readonly DrawnBone[] {
  if (heapTopM <= 0) return [];
  const random = xoroshiro128plus(seed);
  const draw = () => uniformFloat64(random);
  const half = Math.max(halfWidthAt(frame, 0), halfWidthAt(frame, heapTopM));
  const left = frame.centreX - half;
  const right = frame.centreX + half;
  const top = yAt(frame, heapTopM);
  const pitch = Math.max(9, pitchM * frame.pxPerM);
  const rows = Math.max(1, Math.round((frame.floorY - top) / (pitch * 0.86)));
  const columns = Math.max(2, Math.round((right - left) / pitch));
  let seeds: Point[] = [];
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++)
      seeds.push([
        left +
          ((c + 0.5 + (r % 2 ? 0.25 : -0.25) + (draw() - 0.5) * 0.5) / columns) * (right - left),
        top + ((r + 0.5 + (draw() - 0.5) * 0.4) / rows) * (frame.floorY - top),
      ]);
  const bounds: [number, number, number, number] = [left, top, right, frame.floorY];
  const cellsOf = (points: Point[]) => Delaunay.from(points).voronoi(bounds);
  for (let k = 0; k < 2; k++) {
    const voronoi = cellsOf(seeds);
    seeds = seeds.map((s, i) => centreOf((voronoi.cellPolygon(i) as Point[] | null) ?? [s]));
  }
  const voronoi = cellsOf(seeds);
  return seeds.flatMap((centre, i) => {
    const cell = voronoi.cellPolygon(i) as Point[] | null;
    if (cell === null || !insideWalls(frame, centre, half)) return [];
    return [
      pieces === "bones"
        ? boneIn(frame, cell, centre, draw, lineWidth)
        : dieIn(frame, cell, centre, draw, pieces, lineWidth),
    ];
  });
}

/** The radius of each silhouette at an angle, 1 = the cell's inscribed circle. */
const SILHOUETTES: readonly ((turn: number) => number)[] = [
  // A shaft with a knuckle at either end.
  (t) => 0.5 + 0.62 * Math.abs(Math.cos(t)) ** 3 + 0.16 * Math.abs(Math.sin(2 * t)),
  // A neck bone: a round body with three wings.
  (t) => 0.66 + 0.42 * Math.max(0, Math.cos(3 * t)) ** 2,
  // A slice sawn across.
  (t) => 0.9 + 0.07 * Math.cos(3 * t) + 0.04 * Math.cos(5 * t),
];
const CORNERS = 28;
const HOLE_CORNERS = 12;
const HOLE_LINE = 0.7;
const turns = (n: number): number[] => Array.from({ length: n }, (_, k) => (k / n) * 2 * Math.PI);

/** A closed shape from its radius at each of its corners, turned by lie, within the pot's walls. */
function outlined(
  frame: PotFrame,
  [x, y]: Point,
  lie: number,
  radii: readonly number[],
  lineWidth: number,
): Outlined {
  const at = (grownBy: number) =>
    closed(
      radii.map((radius, k): Point => {
        const angle = (k / radii.length) * 2 * Math.PI + lie;
        const r = Math.max(0.3, radius + grownBy);
        return withinWalls(frame, x + r * Math.cos(angle), y + r * Math.sin(angle));
      }),
    );
  return { line: at(lineWidth / 2), body: at(-lineWidth / 2) };
}

/** A die of meat or root, or a pulse: rounded, no marrow. */
function dieIn(
  frame: PotFrame,
  cell: Point[],
  centre: Point,
  draw: () => number,
  pieces: Pieces,
  lineWidth: number,
): DrawnBone {
  const inscribed = Math.min(
    ...cell.slice(1).map((b, k) => distanceToEdge(centre, cell[k] ?? b, b)),
  );
  const lie = (draw() - 0.5) * (pieces === "dice" ? 0.7 : Math.PI);
  const radii = turns(CORNERS).map((turn) => {
    const c = Math.abs(Math.cos(turn));
    const s = Math.abs(Math.sin(turn));
    const shape =
      pieces === "dice" ? (c ** 6 + s ** 6) ** (-1 / 6) * 0.86 : Math.hypot(c, s * 0.72);
    return Math.min(inscribed * shape, toEdge(cell, centre, turn + lie) - 0.6);
  });
  return { ...outlined(frame, centre, lie, radii, lineWidth), marrow: null };
}

/** One bone that fits its cell, in one of three silhouettes turned toward the cell's far corner. */
function boneIn(
  frame: PotFrame,
  cell: Point[],
  centre: Point,
  draw: () => number,
  lineWidth: number,
): DrawnBone {
  const kind = draw() < 0.4 ? 0 : draw() < 0.6 ? 1 : 2;
  const silhouette = SILHOUETTES[kind] ?? (() => 1);
  const inscribed = Math.min(
    ...cell.slice(1).map((b, k) => distanceToEdge(centre, cell[k] ?? b, b)),
  );
  const far = cell.reduce((a, b) => (reach(centre, b) > reach(centre, a) ? b : a));
  const lie = Math.atan2(far[1] - centre[1], far[0] - centre[0]) + (draw() - 0.5) * 0.5;
  const radii = turns(CORNERS).map((turn) => {
    const wobble = 0.95 + draw() * 0.1;
    const wanted = inscribed * 1.12 * silhouette(turn) * wobble;
    return Math.min(wanted, toEdge(cell, centre, turn + lie) - 1);
  });
  const bone = outlined(frame, centre, lie, radii, lineWidth);
  if (kind === 0) return { ...bone, marrow: null };
  const hole = kind === 2 ? 0.4 : 0.24;
  const rx = inscribed * (hole + draw() * 0.08);
  const ry = inscribed * (hole * 0.75 + draw() * 0.08);
  const oval = turns(HOLE_CORNERS).map(
    (turn) => (rx * ry) / Math.hypot(ry * Math.cos(turn), rx * Math.sin(turn)),
  );
  return { ...bone, marrow: outlined(frame, centre, lie, oval, HOLE_LINE) };
}

const reach = (from: Point, to: Point): number => Math.hypot(to[0] - from[0], to[1] - from[1]);

const distanceToEdge = (p: Point, a: Point, b: Point): number =>
  Math.abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0])) / (reach(a, b) || 1);

/** How far the cell reaches from its centre in a direction. */
function toEdge(cell: Point[], [cx, cy]: Point, angle: number): number {
  const [dx, dy] = [Math.cos(angle), Math.sin(angle)];
  let nearest = Infinity;
  for (let k = 0; k + 1 < cell.length; k++) {
    const [a, b] = [cell[k], cell[k + 1]];
    if (a === undefined || b === undefined) continue;
    const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
    const across = dx * ey - dy * ex;
    if (Math.abs(across) < 1e-9) continue;
    const along = ((a[0] - cx) * ey - (a[1] - cy) * ex) / across;
    const on = ((a[0] - cx) * dy - (a[1] - cy) * dx) / across;
    if (along > 0 && on >= 0 && on <= 1) nearest = Math.min(nearest, along);
  }
  return nearest;
}

const centreOf = (cell: Point[]): Point => {
  const corners = cell.length > 1 ? cell.slice(0, -1) : cell;
  const sum = corners.reduce<Point>((s, p) => [s[0] + p[0], s[1] + p[1]], [0, 0]);
  return [sum[0] / corners.length, sum[1] / corners.length];
};

const insideWalls = (frame: PotFrame, [x, y]: Point, half: number): boolean => {
  const depth = (frame.floorY - y) / frame.pxPerM;
  return Math.abs(x - frame.centreX) <= Math.min(half, halfWidthAt(frame, Math.max(0, depth))) + 2;
};
