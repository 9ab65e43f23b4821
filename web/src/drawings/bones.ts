import { Delaunay } from "d3-delaunay";
import { curveCatmullRomClosed, line } from "d3-shape";
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { halfWidthAt, yAt, type PotFrame } from "./pot-frame";

/** One drawn bone: its outline, and its marrow where it is cut across. */
export interface DrawnBone {
  readonly path: string;
  readonly marrow: {
    readonly x: number;
    readonly y: number;
    readonly rx: number;
    readonly ry: number;
    readonly turn: number;
  } | null;
}

type Point = [number, number];
const smooth = line<Point>().curve(curveCatmullRomClosed.alpha(0.6));

/**
 * A heap of bones up to heapTopM, drawn from the cells of a Voronoi diagram that was evened out
 * twice: pieces of pitchM that fill the heap without overlapping. The same seed draws the same heap.
 */
export function heapOfBones(
  frame: PotFrame,
  heapTopM: number,
  pitchM: number,
  seed: number,
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
        left + ((c + 0.5 + (r % 2 ? 0.25 : -0.25) + (draw() - 0.5) * 0.5) / columns) * (right - left),
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
    if (cell === null) return [];
    const inside = cell.slice(0, -1).filter((p) => insideWalls(frame, p, half));
    if (inside.length < 3) return [];
    const shrink = 0.8 + draw() * 0.1;
    const outline = cell.slice(0, -1).flatMap((p, k): Point[] => {
      const next = cell[k + 1] ?? p;
      const bulge = shrink * (0.9 + draw() * 0.16);
      return [toward(centre, p, shrink), toward(centre, middle(p, next), bulge)];
    });
    const size = Math.min(...cell.map((p) => Math.hypot(p[0] - centre[0], p[1] - centre[1])));
    const isCut = draw() < 0.5;
    return [
      {
        path: smooth(outline) ?? "",
        marrow: isCut
          ? {
              x: centre[0],
              y: centre[1],
              rx: size * (0.3 + draw() * 0.14),
              ry: size * (0.2 + draw() * 0.12),
              turn: draw() * 180,
            }
          : null,
      },
    ];
  });
}

const toward = (from: Point, to: Point, share: number): Point => [
  from[0] + (to[0] - from[0]) * share,
  from[1] + (to[1] - from[1]) * share,
];

const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

const centreOf = (cell: Point[]): Point => {
  const corners = cell.length > 1 ? cell.slice(0, -1) : cell;
  const sum = corners.reduce<Point>((s, p) => [s[0] + p[0], s[1] + p[1]], [0, 0]);
  return [sum[0] / corners.length, sum[1] / corners.length];
};

const insideWalls = (frame: PotFrame, [x, y]: Point, half: number): boolean => {
  const depth = (frame.floorY - y) / frame.pxPerM;
  return Math.abs(x - frame.centreX) <= Math.min(half, halfWidthAt(frame, Math.max(0, depth))) + 2;
};
