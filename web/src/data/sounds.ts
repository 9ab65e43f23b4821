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

/** What could not sound yet: browsers let nothing sound before the first tap. It sounds with that tap. */
let waiting: Call | null = null;

/** Loudness of the first call and how much it grows each time nobody comes, up to full. */
const LOUD = 0.3;
const LOUDER = 0.1;

/** Sounds a call, the louder the oftener it was not heard. False where the browser lets nothing sound yet; then it sounds at the next tap or key. */
export async function sound(call: Call, times = 1): Promise<boolean> {
  if (typeof AudioContext === "undefined") return false;
  context ??= new AudioContext();
  if (context.state === "suspended" && !(await resumed(context))) {
    soundAtTap(call);
    return false;
  }
  const from = context.currentTime + 0.02;
  const loud = Math.min(1, LOUD + LOUDER * times);
  for (const [at, hertz, lasts] of CALLS[call]) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = hertz;
    tone.type = "triangle";
    volume.gain.setValueAtTime(0.0001, from + at);
    volume.gain.exponentialRampToValueAtTime(loud, from + at + 0.03);
    volume.gain.exponentialRampToValueAtTime(0.0001, from + at + lasts);
    tone.connect(volume).connect(context.destination);
    tone.start(from + at);
    tone.stop(from + at + lasts);
  }
  return true;
}

const resumed = (audio: AudioContext): Promise<boolean> =>
  Promise.race([
    audio.resume().then(() => true),
    new Promise<boolean>((resolve) => setTimeout(() => resolve(false), 500)),
  ]);

function soundAtTap(call: Call): void {
  const isFirst = waiting === null;
  waiting = call === "danger" ? call : (waiting ?? call);
  if (!isFirst) return;
  const now = () => {
    removeEventListener("pointerdown", now);
    removeEventListener("keydown", now);
    const late = waiting;
    waiting = null;
    if (late !== null) void sound(late);
  };
  addEventListener("pointerdown", now);
  addEventListener("keydown", now);
}
