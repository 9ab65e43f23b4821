import compression from "compression";
import express, { type ErrorRequestHandler, type Express } from "express";
import { rateLimit } from "express-rate-limit";
import helmet from "helmet";
import { join } from "node:path";
import { hostsOf, knownHost, knownSender, type Access } from "./allowed";
import { instrumentsRouter } from "./instruments/router";

/** On this machine alone, under its usual names. */
const AT_HOME: Access = { hosts: hostsOf([], false), word: null };
/** A thermometer that speaks each second, some pots and a few tabs stay well under it. */
const REQUESTS_A_MINUTE = 1200;

/** What went wrong with a request, plainly and without a look inside. */
const sayFault: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) return next(error);
  const status =
    typeof error === "object" && error !== null && "status" in error ? Number(error.status) : 500;
  const message =
    status === 413
      ? "That is too much at once."
      : status >= 400 && status < 500
        ? "This is not JSON that can be read."
        : "Something went wrong here.";
  response.status(status).json({ problems: [{ path: "", message }] });
};

/** One year: files with a hash in their name never change. */
const FOR_GOOD = "public, max-age=31536000, immutable";
const ASK_EACH_TIME = "no-cache";

/**
 * Serves the built application from distDir with strict security headers, compression and caching:
 * hashed assets are kept for good, pages and the service worker are asked for each time.
 * Unknown paths without a file ending get the application; unknown files get 404.
 */
export function createApp(distDir: string, access: Access = AT_HOME): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          "default-src": ["'self'"],
          "script-src": ["'self'"],
          "worker-src": ["'self'"],
          // Drawings and Element Plus place things by style attributes.
          "style-src": ["'self'", "'unsafe-inline'"],
          "img-src": ["'self'", "data:", "blob:"],
          "font-src": ["'self'"],
          "connect-src": ["'self'"],
          "manifest-src": ["'self'"],
          "object-src": ["'none'"],
          "base-uri": ["'none'"],
          "form-action": ["'self'"],
          "frame-ancestors": ["'none'"],
        },
      },
      strictTransportSecurity: false,
      referrerPolicy: { policy: "no-referrer" },
    }),
  );
  app.use(knownHost(access));
  app.use(compression());
  app.get("/healthz", (_request, response) => {
    response.set("Cache-Control", "no-store").json({ ok: true });
  });
  app.use(
    "/api",
    rateLimit({
      windowMs: 60_000,
      limit: REQUESTS_A_MINUTE,
      standardHeaders: true,
      legacyHeaders: false,
      message: { problems: [{ path: "", message: "Too many requests: wait a minute." }] },
    }),
    knownSender(access, (path) => path.startsWith("/instruments")),
    instrumentsRouter(),
  );
  app.use(
    express.static(distDir, {
      index: false,
      setHeaders: (response, path) => {
        const isHashed = /[\\/]assets[\\/].+-[\w-]{8}\.\w+$/.test(path);
        response.setHeader("Cache-Control", isHashed ? FOR_GOOD : ASK_EACH_TIME);
      },
    }),
  );
  app.get(/^\/(?!api\/)[^.]*$/, (_request, response) => {
    response.set("Cache-Control", ASK_EACH_TIME).sendFile(join(distDir, "index.html"));
  });
  app.use((_request, response) => {
    response.status(404).type("text/plain").send("Not found.\n");
  });
  app.use(sayFault);
  return app;
}
