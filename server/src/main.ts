import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { renderUnicodeCompact } from "uqr";
import { hostsOf, lanAddresses } from "./allowed";
import { createApp } from "./app";
import { certificateFor } from "./certificate";
import { listen, PortBusy } from "./listen";
import { BadOption, readOptions, type StartOptions } from "./options";

const USUAL_PORT = 5180;
const dist = fileURLToPath(new URL("../../web/dist", import.meta.url));

function stop(message: string): never {
  console.error(message);
  process.exit(1);
}

if (!existsSync(dist)) stop("The application is not built. Run: npm run build");

/** What a phone beside the stove needs to know, and what plain http lacks. */
function sayLan({ isHttps, word }: StartOptions, port: number): void {
  const scheme = isHttps ? "https" : "http";
  const [address] = lanAddresses();
  if (address === undefined) {
    console.log("No network is there: only this machine reaches it.");
    return;
  }
  const url = `${scheme}://${address}:${port}/`;
  console.log(`\nOn a phone of the same network: ${url}\n${renderUnicodeCompact(url)}`);
  console.log(
    isHttps
      ? "The certificate was made just now: the phone will ask once whether you trust it."
      : "Over plain http it works and keeps everything, but not without the network, wakes no screen and shows no notification. For those: npm start -- --lan --https",
  );
  console.log(`Instruments say the pairing word: ${word ?? ""}`);
}

try {
  const options = readOptions(process.argv.slice(2), process.env);
  const access = { hosts: hostsOf(options.names, options.isOpen), word: options.word };
  const listening = await listen(createApp(dist, access), {
    host: options.host,
    usualPort: USUAL_PORT,
    ...(options.port === undefined ? {} : { port: options.port }),
    ...(options.isHttps ? { certificate: await certificateFor(access.hosts) } : {}),
  });
  if (options.port === undefined && listening.port !== USUAL_PORT)
    console.log(`Port ${USUAL_PORT} is in use, so another one is taken.`);
  const scheme = options.isHttps ? "https" : "http";
  console.log(`Kettlos is ready: ${scheme}://localhost:${listening.port}/`);
  if (options.isOpen) sayLan(options, listening.port);
  for (const signal of ["SIGINT", "SIGTERM"] as const)
    process.on(signal, () => {
      listening.server.close(() => process.exit(0));
      listening.server.closeAllConnections();
    });
} catch (error) {
  if (error instanceof PortBusy || error instanceof BadOption) stop(error.message);
  throw error;
}
