import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { createApp } from "./app";
import { listen, PortBusy } from "./listen";

const USUAL_PORT = 5180;
const dist = fileURLToPath(new URL("../../web/dist", import.meta.url));
const host = process.env["HOST"] ?? "127.0.0.1";
const asked = process.env["PORT"];

if (!existsSync(dist)) {
  console.error("The application is not built. Run: npm run build");
  process.exit(1);
}
const port = asked === undefined || asked === "" ? undefined : Number(asked);
if (port !== undefined && !(Number.isInteger(port) && port >= 0 && port <= 65535)) {
  console.error(`PORT is "${asked ?? ""}"; it must be a whole number from 0 to 65535.`);
  process.exit(1);
}

try {
  const listening = await listen(createApp(dist), {
    host,
    usualPort: USUAL_PORT,
    ...(port === undefined ? {} : { port }),
  });
  if (port === undefined && listening.port !== USUAL_PORT)
    console.log(`Port ${USUAL_PORT} is in use, so another one is taken.`);
  const shownHost = host === "127.0.0.1" ? "localhost" : host;
  console.log(`Kettlos is ready: http://${shownHost}:${listening.port}/`);
  for (const signal of ["SIGINT", "SIGTERM"] as const)
    process.on(signal, () => {
      listening.server.close(() => process.exit(0));
      listening.server.closeAllConnections();
    });
} catch (error) {
  if (!(error instanceof PortBusy)) throw error;
  console.error(error.message);
  process.exit(1);
}
