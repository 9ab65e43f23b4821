import { z } from "../units/zod";
import { CHANNELS } from "./channels";
import { AtMs, nameUpTo } from "../units/text-schema";

/** Version of the stream's messages; a client refuses what it does not know. */
export const STREAM_VERSION = 1;

const InstrumentId = z.string().regex(/^[\w-]{1,60}$/);

export const InstrumentSchema = z.object({
  id: InstrumentId,
  name: nameUpTo(60),
  channels: z.array(z.enum(CHANNELS)).min(1).max(CHANNELS.length),
  isSimulated: z.boolean(),
});
export type Instrument = z.infer<typeof InstrumentSchema>;

/** What speaks to a server now. */
export const InstrumentListSchema = z.object({ instruments: z.array(InstrumentSchema) });

/** Values at one moment; a channel that has dropped out is left out. */
export const SamplesSchema = z.object({
  atMs: AtMs,
  values: z
    .object({
      liquidC: z.number().min(-30).max(200),
      pieceC: z.number().min(-30).max(200),
      potKg: z.number().min(0).max(500),
      depthM: z.number().min(0).max(2),
    })
    .partial(),
});
export type Samples = z.infer<typeof SamplesSchema>;

/** What comes down the stream: who is speaking, then values. */
export const StreamMessageSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("hello"),
    version: z.literal(STREAM_VERSION),
    instruments: z.array(InstrumentSchema),
  }),
  z.object({ kind: z.literal("samples"), samples: SamplesSchema }),
]);
export type StreamMessage = z.infer<typeof StreamMessageSchema>;
