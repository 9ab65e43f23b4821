import { isoDayOf } from "@kettlos/core/units/moments";
import { writeKettlosFile, type KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { planFile } from "@kettlos/core/formats/plan-file";
import { potsFile } from "@kettlos/core/formats/pots-file";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { say } from "../frame/notices";
import { MOST_LINK_CHARS, packed } from "./link-text";
import type { PotState } from "./pot-state";
import { fileWord, save } from "./save-file";

/** A plan to somebody else: as a link that carries it, or as a file where it is too long for one. */
export const sendPlan = (plan: Plan, kitchen: Kitchen, nowMs: number): Promise<void> =>
  send(plan.name, planFile(plan, kitchen, new Date(nowMs).toISOString()), nowMs);

/** A pot with its log to somebody else, without the readings of its instruments and its pictures. */
export const sendPot = ({ stored, cook }: PotState, nowMs: number): Promise<void> => {
  const events = cook.events.filter((e) => !("source" in e && e.source === "instrument"));
  const pot = { batch: stored, events, pictures: [] };
  return send(
    stored.plan.name,
    potsFile([pot], stored.kitchen, new Date(nowMs).toISOString()),
    nowMs,
  );
};

async function send(name: string, file: KettlosFile, nowMs: number): Promise<void> {
  const text = writeKettlosFile(file);
  const url = `${location.origin}/given#${await packed(text)}`;
  const asFile = (why: string) => {
    const fileName = `kettlos-${fileWord(name)}-${isoDayOf(nowMs)}.json`;
    save(fileName, text, "application/json");
    sayDone(
      why,
      `${fileName} can be sent as it is, and is opened under Kitchen or dropped on Kettlos.`,
    );
  };
  if (url.length > MOST_LINK_CHARS) return asFile("Too long for a link: saved as a file.");
  if (await wasShared(name, url)) return;
  if (await wasCopied(url))
    return sayDone(
      "The link is copied.",
      "It carries all of it itself: whoever opens it needs a Kettlos, and nothing of yours.",
    );
  asFile("Nothing can be copied here: saved as a file.");
}

/** Browsers copy only where the address is a safe one, and the cook lets them. */
async function wasCopied(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

/** By what the device shares with; false where it cannot, true also where the cook thought better of it. */
async function wasShared(title: string, url: string): Promise<boolean> {
  // A desk has it too, in a form nobody expects there.
  if (!("share" in navigator) || !matchMedia("(pointer: coarse)").matches) return false;
  try {
    await navigator.share({ title, url });
    return true;
  } catch (error) {
    return error instanceof DOMException && error.name === "AbortError";
  }
}

const sayDone = (title: string, text: string): void =>
  say({
    id: "sent",
    tone: "good",
    title,
    text,
    ways: [{ label: "Good", run: () => undefined }],
  });
