import { BatchSchema } from "@kettlos/core/batch/batch-schema";
import { CookEventSchema } from "@kettlos/core/events/event-schema";
import { InstrumentSchema, SamplesSchema } from "@kettlos/core/instruments/messages";
import { outcomeOf } from "@kettlos/core/units/problem";
import { AtMs } from "@kettlos/core/units/text-schema";
import express, { type Request, type Response, type Router } from "express";
import { z } from "zod";
import { Bridge } from "./bridge";
import { SimulatedPot } from "./simulated-pot";
import { Stream } from "./stream";

/** Room for so many of each: one kitchen has fewer. */
const MOST = 24;
/** A bridge that has been silent so long is forgotten when room is needed. */
const FORGET_MS = 24 * 3_600_000;
/** A value of another day than this is no reading of now. */
const FAR_OFF_MS = 24 * 3_600_000;

const PotSchema = z.object({
  batch: BatchSchema,
  events: z.array(CookEventSchema).max(20_000),
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31 - 1),
  /** What the cook's clock says now: theirs may be set otherwise than this one. */
  nowMs: AtMs.optional(),
});
const SilenceSchema = z.object({ seconds: z.number().min(0).max(600) });
const BridgeSchema = InstrumentSchema.omit({ id: true, isSimulated: true });

/**
 * Instruments over HTTP, as docs/instruments.md says: simulated ones on a true pot that follows what the
 * cook does, and real ones that send their values here to be passed on as server-sent events.
 */
export function instrumentsRouter(): Router {
  const router = express.Router();
  const pots = new Map<string, SimulatedPot>();
  const bridges = new Map<string, Bridge>();
  router.use(express.json({ limit: "8mb" }));

  router.get("/instruments", (_request, response) => {
    response.set("Cache-Control", "no-store").json({
      instruments: [...bridges.values()].map((b) => ({ ...b.instrument, lastMs: b.lastMs })),
    });
  });

  router.put("/pots/:id", (request, response) => {
    const body = parsed(PotSchema, request, response);
    if (body === null) return;
    const { id } = request.params;
    const known = pots.get(id);
    const aheadMs = body.nowMs === undefined ? 0 : body.nowMs - Date.now();
    const outcome = outcomeOf(() => {
      if (known !== undefined) known.follow(body.batch, body.events, body.seed, aheadMs);
      else if (makeRoom(pots))
        pots.set(id, new SimulatedPot(body.batch, body.events, body.seed, aheadMs));
      else return "full";
      return "taken";
    });
    if (!outcome.ok) return void refuse(response, 422, outcome.problem.message);
    if (outcome.value === "full")
      return void refuse(response, 507, "Too many simulated pots are listened to at once.");
    response.status(204).end();
  });

  router.delete("/pots/:id", (request, response) => {
    pots.get(request.params.id)?.stop();
    pots.delete(request.params.id);
    response.status(204).end();
  });

  router.post("/pots/:id/silence", (request, response) => {
    const pot = pots.get(request.params.id);
    if (pot === undefined) return void refuse(response, 404, "No simulated pot of that name.");
    const body = parsed(SilenceSchema, request, response);
    if (body === null) return;
    pot.silence(body.seconds);
    response.status(204).end();
  });

  router.get("/pots/:id/stream", (request, response) => {
    const pot = pots.get(request.params.id);
    if (pot === undefined) return void refuse(response, 404, "No simulated pot of that name.");
    pot.listen(new Stream(response));
  });

  router.put("/instruments/:id", (request, response) => {
    const body = parsed(BridgeSchema, request, response);
    if (body === null) return;
    const { id } = request.params;
    const instrument = InstrumentSchema.safeParse({ ...body, id, isSimulated: false });
    if (!instrument.success)
      return void refuse(response, 400, "An id has 1 to 60 letters, digits, _ or -.");
    const known = bridges.get(id);
    if (known !== undefined) known.instrument = instrument.data;
    else if (!hasRoom(bridges, Date.now()))
      return void refuse(response, 507, "Too many instruments at once.");
    else bridges.set(id, new Bridge(instrument.data, Date.now()));
    response.status(204).end();
  });

  router.delete("/instruments/:id", (request, response) => {
    bridges.get(request.params.id)?.end();
    bridges.delete(request.params.id);
    response.status(204).end();
  });

  router.post("/instruments/:id/samples", (request, response) => {
    const bridge = bridges.get(request.params.id);
    if (bridge === undefined)
      return void refuse(response, 404, "Say first what it is: PUT /api/instruments/ID.");
    const body = parsed(SamplesSchema, request, response);
    if (body === null) return;
    if (Math.abs(body.atMs - Date.now()) > FAR_OFF_MS)
      return void refuse(
        response,
        400,
        `atMs is ${body.atMs}, more than a day from now: is the instrument's clock set?`,
      );
    bridge.take(body, Date.now());
    response.status(204).end();
  });

  router.get("/instruments/:id/stream", (request, response) => {
    const bridge = bridges.get(request.params.id);
    if (bridge === undefined) return void refuse(response, 404, "No instrument of that name.");
    bridge.listen(new Stream(response));
  });

  return router;
}

/** The oldest pot nobody listens to gives way; its cook tells it anew when it is looked at again. */
function makeRoom(pots: Map<string, SimulatedPot>): boolean {
  if (pots.size < MOST) return true;
  for (const [id, pot] of pots)
    if (!pot.isHeard) {
      pots.delete(id);
      return true;
    }
  return false;
}

function hasRoom(bridges: Map<string, Bridge>, nowMs: number): boolean {
  for (const [id, bridge] of bridges) if (nowMs - bridge.lastMs > FORGET_MS) bridges.delete(id);
  return bridges.size < MOST;
}

/** The body as its schema has it; what is wrong is answered with its path, and null. */
function parsed<T>(schema: z.ZodType<T>, request: Request, response: Response): T | null {
  const result = schema.safeParse(request.body);
  if (result.success) return result.data;
  response.status(400).json({
    problems: result.error.issues.map((i) => ({ path: i.path.join("."), message: i.message })),
  });
  return null;
}

const refuse = (response: Response, status: number, message: string): void => {
  response.status(status).json({ problems: [{ path: "", message }] });
};
