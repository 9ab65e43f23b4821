/** Rounds to what a cook would say: 5 min up to 3 h, then half hours. */
const STEP_MIN = (minutes: number): number => (minutes < 30 ? 1 : minutes < 180 ? 5 : 30);

const HALF = "½";

/** Hours with halves: 9, 10½. */
function hours(minutes: number): string {
  const halves = Math.round(minutes / 30);
  const whole = Math.floor(halves / 2);
  return halves % 2 === 0 ? String(whole) : `${whole === 0 ? "" : whole}${HALF}`;
}

/** One time as said: "20 min", "1 h 10", "9½ h". */
export function sayTime(minutes: number): string {
  const rounded = Math.round(minutes / STEP_MIN(minutes)) * STEP_MIN(minutes);
  if (rounded < 60) return `${rounded} min`;
  if (minutes >= 240) return `${hours(minutes)} h`;
  const toFive = Math.round(minutes / 5) * 5;
  const rest = toFive % 60;
  return `${Math.floor(toFive / 60)} h${rest === 0 ? "" : ` ${String(rest).padStart(2, "0")}`}`;
}

/** Hours without minutes: "4½ h". */
const WHOLE = /^\S+ h$/;

/** A range as said: "9–10½ h", "18–26 min", "2 h 20 – 3 h"; from a time up where the end is not known, up to one where it may take none. */
export function sayRange(lowMin: number, highMin: number | null): string {
  if (highMin === null) return `${sayTime(lowMin)} or more`;
  if (Math.round(lowMin) === 0) return `up to ${sayTime(highMin)}`;
  const low = sayTime(lowMin);
  const high = sayTime(highMin);
  if (low === high) return low;
  if (WHOLE.test(low) && WHOLE.test(high)) return `${low.replace(" h", "")}–${high}`;
  if (highMin < 60) return `${low.replace(" min", "")}–${high}`;
  return `${low} – ${high}`;
}
