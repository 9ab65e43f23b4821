// What a conversion's ranges cost, beside as many lean runs of the same dish, alone and in the same minutes.
import { convertDish } from "@kettlos/core/because/converted";
import { DRAWS } from "../core/src/convert/crossover";
import { courseOf, followCourse } from "../core/src/convert/lean-course";
import { COOK_VALUE_Z_C } from "../core/src/doneness/cook-value";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { pieceTauOf } from "../core/src/simulate/piece-of";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Trace } from "@kettlos/core/simulate/trace";
import { quantile, tell, timeOf } from "./bench-report";

const RUNS = 60;
const MOST_TIMES = 1.2;

/** The piece that rules a dish followed once along one heat's course, to the end of its hold. */
function leanRun(plan: Plan, trace: Trace): () => unknown {
  const main = plan.items.find((item) => item.id === trace.mainItemId);
  const tauS = main === undefined ? 1 : pieceTauOf(main, plan.pieceM);
  const startC = trace.points[0]?.centreC ?? 5;
  const course = courseOf(trace);
  const shift = {
    zC: COOK_VALUE_Z_C.value,
    plateauC: 0,
    capC: trace.boilingC,
    comeUp: 1,
    warmUp: 1,
  };
  const wanted = { cookMin: Infinity, centreC: 0, atMin: trace.holdMin };
  return () => followCourse(course, shift, tauS, startC, wanted);
}

export function benchDraws(plan: Plan, kitchen: Kitchen): void {
  const { converted, ranges } = convertDish(resolve(plan, kitchen), [], ["low"]);
  const columns = converted.answers.flatMap((answer) => (answer.ok ? [answer.column] : []));
  // The written heat is followed for what it gives, and every heat until it has given the same.
  const runs = [...columns, ...columns.filter((c) => c.isWritten)].map((c) =>
    leanRun(c.plan, c.trace),
  );
  const once = () => runs.forEach((run) => run());
  const all = () => Array.from({ length: DRAWS }, once);
  // In turn, pair by pair: a machine that changes its pace changes it for both.
  const pairs = Array.from({ length: RUNS }, () => [timeOf(all), timeOf(ranges)] as const);
  const theirs = quantile(
    pairs.map(([of]) => of),
    0.5,
  );
  const ours = quantile(
    pairs.map(([, of]) => of),
    0.5,
  );
  const times = quantile(
    pairs.map(([anchor, of]) => of / anchor),
    0.5,
  );
  tell({
    name: `its ranges alone: ${times.toFixed(2)} times ${DRAWS} × ${runs.length} lean runs (${theirs.toFixed(1)} ms)`,
    p50: `${ours.toFixed(2)} ms`,
    p95: "",
    limit: `${MOST_TIMES} times`,
    verdict: times <= MOST_TIMES ? "kept" : "BROKEN",
  });
}
