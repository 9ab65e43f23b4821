import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import request from "supertest";
import { beforeAll, describe, expect, test } from "vitest";
import { createApp } from "./app";
import { listen, PortBusy } from "./listen";

let dist = "";
beforeAll(() => {
  dist = mkdtempSync(join(tmpdir(), "kettlos-dist-"));
  mkdirSync(join(dist, "assets"));
  writeFileSync(
    join(dist, "index.html"),
    `<!doctype html><title>Kettlos</title>${" ".repeat(2000)}`,
  );
  writeFileSync(
    join(dist, "assets", "index-AbCd1234.js"),
    `export const a = 1;${" ".repeat(2000)}`,
  );
  writeFileSync(join(dist, "sw.js"), "// worker");
  writeFileSync(join(dist, "robots.txt"), "User-agent: *\n");
});

describe("serving the application", () => {
  test("pages carry a policy without unsafe-inline for scripts, and are asked for each time", async () => {
    const response = await request(createApp(dist)).get("/plan/some-plan");
    expect(response.status).toBe(200);
    expect(response.text).toContain("<title>Kettlos</title>");
    const policy = String(response.headers["content-security-policy"]);
    expect(/script-src ([^;]*)/.exec(policy)?.[1]).toBe("'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(response.headers["x-powered-by"]).toBeUndefined();
    expect(response.headers["x-content-type-options"]).toBe("nosniff");
    expect(response.headers["cache-control"]).toBe("no-cache");
  });

  test("hashed files are kept for good and compressed, the worker is not", async () => {
    const app = createApp(dist);
    const asset = await request(app)
      .get("/assets/index-AbCd1234.js")
      .set("Accept-Encoding", "gzip");
    expect(asset.headers["cache-control"]).toMatch(/immutable/);
    expect(asset.headers["content-encoding"]).toBe("gzip");
    const worker = await request(app).get("/sw.js");
    expect(worker.headers["cache-control"]).toBe("no-cache");
  });

  test("health, robots, missing files, paths outside", async () => {
    const app = createApp(dist);
    expect((await request(app).get("/healthz")).body).toEqual({ ok: true });
    expect((await request(app).get("/robots.txt")).status).toBe(200);
    expect((await request(app).get("/assets/none-AbCd1234.js")).status).toBe(404);
    expect((await request(app).get("/api/none")).status).toBe(404);
    expect((await request(app).get("/..%2f..%2fetc%2fpasswd.txt")).status).not.toBe(200);
  });
});

describe("a busy port", () => {
  test("is told when asked for, and stepped round when not", async () => {
    const blocker = createServer();
    await new Promise<void>((resolve) => blocker.listen(0, "127.0.0.1", resolve));
    const { port } = blocker.address() as AddressInfo;
    const app = createApp(dist);
    await expect(listen(app, { host: "127.0.0.1", port, usualPort: 1 })).rejects.toThrow(PortBusy);
    const other = await listen(app, { host: "127.0.0.1", usualPort: port });
    expect(other.port).not.toBe(port);
    await new Promise((resolve) => other.server.close(resolve));
    await new Promise((resolve) => blocker.close(resolve));
  });
});
