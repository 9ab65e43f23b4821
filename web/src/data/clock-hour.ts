/** The clock's hour of a moment, or of now, where the cook is, 0–24. */
export const clockHour = (ms: number | null): number => {
  const date = new Date(ms ?? Date.now());
  return date.getHours() + date.getMinutes() / 60;
};
