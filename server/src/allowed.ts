import type { RequestHandler } from "express";
import { hostname, networkInterfaces } from "node:os";

/** Who may speak to this server. */
export interface Access {
  /** Names and addresses it answers to; a page that was sent here under another name gets nothing. */
  readonly hosts: ReadonlySet<string>;
  /** The word that instruments say, where it is open to a network; null on this machine alone. */
  readonly word: string | null;
}

/** Addresses of this machine that other devices of its network reach. */
export const lanAddresses = (): readonly string[] =>
  Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter((address) => !address.internal && address.family === "IPv4")
    .map((address) => address.address);

/** Names it goes by at home, with those given, and with its addresses where it is open to the network. */
export function hostsOf(named: readonly string[], isOpen: boolean): ReadonlySet<string> {
  const open = isOpen ? [...lanAddresses(), hostname(), `${hostname()}.local`] : [];
  return new Set(
    ["localhost", "127.0.0.1", "[::1]", ...named, ...open].map((h) => h.toLowerCase()),
  );
}

const hostOf = (host: string): string => host.toLowerCase().replace(/:\d+$/, "");

const CHANGES = new Set(["POST", "PUT", "PATCH", "DELETE"]);

/** The request header in which an instrument says its word. */
const WORD_HEADER = "x-kettlos-word";

/**
 * Answers only under the names it goes by, so that no foreign page can have its own name point here, and
 * only to pages of its own.
 */
export const knownHost =
  ({ hosts }: Access): RequestHandler =>
  (request, response, next) => {
    const host = hostOf(request.headers.host ?? "");
    if (hosts.has(host)) return next();
    response
      .status(421)
      .type("text/plain")
      .send(
        "Kettlos is not served under this name. Open the address that it printed at its start.\n",
      );
  };

/** What changes something comes from a page of this server, or says the word; instruments always say it. */
export const knownSender =
  ({ hosts, word }: Access, isInstrument: (path: string) => boolean): RequestHandler =>
  (request, response, next) => {
    const refuse = (message: string) =>
      void response.status(403).json({ problems: [{ path: "", message }] });
    const { origin } = request.headers;
    if (origin !== undefined && !isOwn(origin, request.headers.host ?? "", hosts))
      return refuse("Another site may not speak to Kettlos.");
    if (!CHANGES.has(request.method) || word === null) return next();
    const says = request.headers[WORD_HEADER] === word;
    if (says || (origin !== undefined && !isInstrument(request.path))) return next();
    refuse(`Say the pairing word that Kettlos printed at its start, in the header ${WORD_HEADER}.`);
  };

/** Of the same host and port as was asked, which is a name it goes by. */
function isOwn(origin: string, host: string, hosts: ReadonlySet<string>): boolean {
  try {
    const url = new URL(origin);
    return url.host.toLowerCase() === host.toLowerCase() && hosts.has(hostOf(url.host));
  } catch {
    return false;
  }
}
