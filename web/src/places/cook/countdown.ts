/** Time left as a clock: 3:40, 1:03:40; past due it counts up with a plus. */
export function countdown(leftMs: number): string {
  const total = Math.floor(Math.abs(leftMs) / 1000);
  const seconds = String(total % 60).padStart(2, "0");
  const minutes = Math.floor(total / 60) % 60;
  const hours = Math.floor(total / 3600);
  const clock =
    hours > 0 ? `${hours}:${String(minutes).padStart(2, "0")}:${seconds}` : `${minutes}:${seconds}`;
  return leftMs < 0 && total > 0 ? `+${clock}` : clock;
}
