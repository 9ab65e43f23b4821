/** A seeded generator of numbers from 0 to 1 (Lehmer). */
export function seeded(seed: number): () => number {
  let state = seed % 2_147_483_647;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** What may stand where something else should. */
export const ODD_VALUES: readonly unknown[] = [
  null,
  "",
  -1,
  0,
  1e-9,
  1e300,
  8.64e15,
  true,
  [],
  {},
  "x".repeat(5000),
  "<img src=x onerror=alert(1)>",
  "\u0000",
  "NaN",
  "../../etc",
  { __proto__: { polluted: true } },
];

/** A text of JSON with one to four things in it changed, or a few of its bytes. */
export function mutated(text: string, random: () => number): string {
  if (random() < 0.2) return scratched(text, random);
  const data: unknown = JSON.parse(text);
  const changes = 1 + Math.floor(random() * 4);
  for (let i = 0; i < changes; i++) change(data, random);
  return JSON.stringify(data);
}

function scratched(text: string, random: () => number): string {
  const at = Math.floor(random() * text.length);
  const length = Math.floor(random() * 8);
  return (
    text.slice(0, at) +
    ["", "}", "\\", '"', "9e9"][Math.floor(random() * 5)] +
    text.slice(at + length)
  );
}

/** Walks down at random and changes what it comes to: another value, gone, doubled, swapped. */
function change(root: unknown, random: () => number): void {
  let at = root as Record<string, unknown>;
  for (;;) {
    const keys = Object.keys(at);
    const key = keys[Math.floor(random() * keys.length)];
    if (key === undefined) return;
    const value = at[key];
    const goesOn = typeof value === "object" && value !== null && Object.keys(value).length > 0;
    if (goesOn && random() < 0.85) {
      at = value as Record<string, unknown>;
      continue;
    }
    const how = random();
    if (how < 0.6) at[key] = ODD_VALUES[Math.floor(random() * ODD_VALUES.length)];
    else if (how < 0.75) delete at[key];
    else if (how < 0.9) at[`${key}2`] = value;
    else if (typeof value === "number") at[key] = value * (random() < 0.5 ? 1e6 : -1);
    else at[key] = String(value);
    return;
  }
}
