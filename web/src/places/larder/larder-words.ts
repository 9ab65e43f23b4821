import type { LarderEvent, Lot } from "@kettlos/core/larder/larder-schema";

/** What an entry of the larder says, in a few words: "3 lamb neck broth taken". */
export function larderWords(event: LarderEvent, lots: ReadonlyMap<string, Lot>): string {
  const of = (lotId: string) => lots.get(lotId)?.name.toLowerCase() ?? "something";
  switch (event.kind) {
    case "stored":
      return `${event.count} ${event.lot.name.toLowerCase()} put in`;
    case "used":
      return "part of a pot used";
    case "taken":
      return `${event.count} ${of(event.lotId)} taken`;
    case "moved":
      return `${event.count} ${of(event.lotId)} moved`;
    case "counted":
      return `${of(event.lotId)} counted`;
    case "undo":
      return "an entry taken back";
  }
}
