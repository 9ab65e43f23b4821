/** How long and how high each call is: s, Hz. Two notes for what is due, three falling for danger. */
const CALLS = {
  due: [
    [0, 660, 0.18],
    [0.24, 880, 0.28],
  ],
  danger: [
    [0, 988, 0.22],
    [0.28, 784, 0.22],
    [0.56, 988, 0.22],
    [0.84, 784, 0.4],
  ],
} as const;
export type Call = keyof typeof CALLS;

let context: AudioContext | null = null;

/** Sounds a call. False where the browser lets nothing sound yet, as before the first tap. */
export async function sound(call: Call): Promise<boolean> {
  if (typeof AudioContext === "undefined") return false;
  context ??= new AudioContext();
  if (context.state === "suspended") {
    const isRunning = await Promise.race([
      context.resume().then(() => true),
      new Promise<boolean>((resolve) => setTimeout(() => resolve(false), 500)),
    ]);
    if (!isRunning) return false;
  }
  const from = context.currentTime + 0.02;
  for (const [at, hertz, lasts] of CALLS[call]) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = hertz;
    tone.type = "triangle";
    volume.gain.setValueAtTime(0.0001, from + at);
    volume.gain.exponentialRampToValueAtTime(0.4, from + at + 0.03);
    volume.gain.exponentialRampToValueAtTime(0.0001, from + at + lasts);
    tone.connect(volume).connect(context.destination);
    tone.start(from + at);
    tone.stop(from + at + lasts);
  }
  return true;
}
