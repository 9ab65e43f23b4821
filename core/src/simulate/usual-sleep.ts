/** The hours of sleep of somebody who named none. */
export const USUAL_SLEEP = { from: "22:00", to: "06:00" };
