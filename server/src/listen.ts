import type { Express } from "express";
import { createServer as createHttp, type Server as HttpServer } from "node:http";
import { createServer as createHttps, type Server as HttpsServer } from "node:https";
import type { AddressInfo } from "node:net";
import type { Certificate } from "./certificate";

/** Asked-for port already in use: told plainly instead of a stack trace. */
export class PortBusy extends Error {
  override readonly name = "PortBusy";
  constructor(readonly port: number) {
    super(`Port ${port} is in use by another program. Set PORT to a free one, or leave it unset.`);
  }
}

export interface Listening {
  readonly server: HttpServer | HttpsServer;
  readonly port: number;
}

/**
 * Listens on loopback unless a host is given. Where `port` was asked for and is busy, PortBusy;
 * where not, the usual port is tried, then any free one.
 */
export async function listen(
  app: Express,
  options: { host: string; port?: number; usualPort: number; certificate?: Certificate },
): Promise<Listening> {
  const wanted = options.port ?? options.usualPort;
  try {
    return await listenOn(app, options, wanted);
  } catch (error) {
    const isBusy = error instanceof Error && "code" in error && error.code === "EADDRINUSE";
    if (!isBusy) throw error;
    if (options.port !== undefined) throw new PortBusy(options.port);
    return listenOn(app, options, 0);
  }
}

function listenOn(
  app: Express,
  { host, certificate }: { host: string; certificate?: Certificate },
  port: number,
): Promise<Listening> {
  const server = certificate === undefined ? createHttp(app) : createHttps(certificate, app);
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, host, () => {
      resolve({ server, port: (server.address() as AddressInfo).port });
    });
  });
}
