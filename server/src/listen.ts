import type { Express } from "express";
import type { Server } from "node:http";
import type { AddressInfo } from "node:net";

/** Asked-for port already in use: told plainly instead of a stack trace. */
export class PortBusy extends Error {
  override readonly name = "PortBusy";
  constructor(readonly port: number) {
    super(`Port ${port} is in use by another program. Set PORT to a free one, or leave it unset.`);
  }
}

export interface Listening {
  readonly server: Server;
  readonly port: number;
}

/**
 * Listens on loopback unless a host is given. Where `port` was asked for and is busy, PortBusy;
 * where not, the usual port is tried, then any free one.
 */
export async function listen(
  app: Express,
  options: { host: string; port?: number; usualPort: number },
): Promise<Listening> {
  const wanted = options.port ?? options.usualPort;
  try {
    return await listenOn(app, options.host, wanted);
  } catch (error) {
    const isBusy = error instanceof Error && "code" in error && error.code === "EADDRINUSE";
    if (!isBusy) throw error;
    if (options.port !== undefined) throw new PortBusy(options.port);
    return listenOn(app, options.host, 0);
  }
}

function listenOn(app: Express, host: string, port: number): Promise<Listening> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, host, (error?: Error) => {
      if (error !== undefined) reject(error);
      else resolve({ server, port: (server.address() as AddressInfo).port });
    });
  });
}
