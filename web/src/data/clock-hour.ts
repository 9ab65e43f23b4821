/** The clock's hour of a moment where the cook is, 0–24. */
export const clockHour = (ms: number): number => {
  const date = new Date(ms);
  return date.getHours() + date.getMinutes() / 60;
};
