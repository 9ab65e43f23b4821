import type { Instrument } from "@kettlos/core/instruments/messages";

/** The real instruments that speak to this server now; none where it cannot be asked. */
export async function bridgesNow(): Promise<readonly Instrument[]> {
  try {
    const { InstrumentListSchema } = await import("@kettlos/core/instruments/messages");
    const response = await fetch("/api/instruments");
    const list = InstrumentListSchema.safeParse(await response.json());
    return list.success ? list.data.instruments : [];
  } catch {
    return [];
  }
}
