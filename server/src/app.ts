import compression from "compression";
import express, { type Express } from "express";
import helmet from "helmet";
import { join } from "node:path";
import { instrumentsRouter } from "./instruments/router";

/** One year: files with a hash in their name never change. */
const FOR_GOOD = "public, max-age=31536000, immutable";
const ASK_EACH_TIME = "no-cache";

/**
 * Serves the built application from distDir with strict security headers, compression and caching:
 * hashed assets are kept for good, pages and the service worker are asked for each time.
 * Unknown paths without a file ending get the application; unknown files get 404.
 */
export function createApp(distDir: string): Express {
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
  app.use(compression());
  app.get("/healthz", (_request, response) => {
    response.set("Cache-Control", "no-store").json({ ok: true });
  });
  app.use("/api", instrumentsRouter());
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
  return app;
}
