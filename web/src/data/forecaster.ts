/**
 * What works pots and plans out. It is most of what there is to load and the first screen can be drawn without: it
 * comes beside the database, and by then the kitchen is read (`forecasting.ts`).
 */
export { plannedOnce } from "@kettlos/core/simulate/as-planned";
export { blindly, onFire } from "@kettlos/core/batch/on-fire";
export { plannedBands, reckonAhead } from "./planned-bands";
export { potState } from "./pot-state";
