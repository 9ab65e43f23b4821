import request from "supertest";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, test } from "vitest";
import { hostsOf } from "./allowed";
import { createApp } from "./app";
import { certificateFor } from "./certificate";
import { BadOption, readOptions } from "./options";

const dist = mkdtempSync(join(tmpdir(), "kettlos-access-"));
writeFileSync(join(dist, "index.html"), "<!doctype html><title>Kettlos</title>");
const app = (word: string | null = null) =>
  createApp(dist, { hosts: hostsOf(["pot.test"], false), word });
const probe = { name: "Probe", channels: ["liquidC"] };

describe("under which name it is asked", () => {
  test.each(["localhost:5180", "127.0.0.1", "[::1]:80", "pot.test:1", "POT.test"])(
    "%s is answered",
    async (host) => {
      await request(app()).get("/bench").set("Host", host).expect(200);
    },
  );
  test.each(["evil.test", "127.0.0.1.evil.test", "localhost.evil.test", "evil.test:5180"])(
    "%s gets nothing, neither page nor instruments",
    async (host) => {
      await request(app()).get("/").set("Host", host).expect(421);
      await request(app()).get("/api/instruments").set("Host", host).expect(421);
      await request(app()).put("/api/instruments/x").set("Host", host).send(probe).expect(421);
    },
  );
});

describe("who speaks", () => {
  test("a foreign page may neither list nor push, nor a page that says null", async () => {
    for (const origin of ["http://evil.test", "null", "http://localhost:9", "not a url"]) {
      const asked = request(app()).get("/api/instruments").set("Host", "localhost:80");
      await asked.set("Origin", origin).expect(403);
    }
    const own = request(app()).get("/api/instruments").set("Host", "localhost:81");
    await own.set("Origin", "http://localhost:81").expect(200);
  });

  test("open to a network an instrument says its word, a page of its own needs none for its pots", async () => {
    const open = app("bade");
    const put = () => request(open).put("/api/instruments/x").set("Host", "pot.test").send(probe);
    await put().expect(403);
    await put().set("Origin", "http://pot.test").expect(403);
    await put().set("x-kettlos-word", "wrong").expect(403);
    await put().set("x-kettlos-word", "bade").expect(204);
    const pot = () => request(open).put("/api/pots/p").set("Host", "pot.test").send({});
    expect((await pot()).status).toBe(403);
    // Known, and only then is what it sends looked at.
    expect((await pot().set("Origin", "http://pot.test")).status).toBe(400);
  });

  test("bad JSON is answered plainly, without a look inside; too much is too much", async () => {
    const sent = request(app()).put("/api/instruments/x").set("Host", "localhost");
    const bad = await sent.set("Content-Type", "application/json").send('{"name": ');
    expect(bad.status).toBe(400);
    expect(bad.text).not.toMatch(/at .*\.js|node_modules|SyntaxError/);
    const much = await request(app())
      .put("/api/instruments/x")
      .set("Host", "localhost")
      .send({ name: "x".repeat(9_000_000) });
    expect(much.status).toBe(413);
  });

  test("a flood is turned away", async () => {
    const flooded = app();
    const codes: number[] = [];
    for (let i = 0; i < 1300; i += 50)
      codes.push(
        ...(await Promise.all(
          Array.from({ length: 50 }, async () => {
            const asked = await request(flooded).get("/api/instruments").set("Host", "localhost");
            return asked.status;
          }),
        )),
      );
    expect(codes.filter((c) => c === 200).length).toBe(1200);
    expect(codes.at(-1)).toBe(429);
  });
});

describe("how it is started", () => {
  test("alone it is for this machine and knows no word; open it has one of its own", () => {
    expect(readOptions([], {})).toMatchObject({ host: "127.0.0.1", isOpen: false, word: null });
    const open = readOptions(["--lan"], {});
    expect(open).toMatchObject({ host: "0.0.0.0", isOpen: true, isHttps: false });
    expect(open.word).toMatch(/^[a-z]{10}$/);
    expect(readOptions(["--lan", "--https"], { KETTLOS_WORD: "mine" })).toMatchObject({
      isHttps: true,
      word: "mine",
    });
    expect(readOptions([], { HOST: "0.0.0.0" }).isOpen).toBe(true);
  });
  test("what nobody knows is said", () => {
    expect(() => readOptions(["--wan"], {})).toThrow(BadOption);
    expect(() => readOptions([], { PORT: "soup" })).toThrow(/PORT is "soup"/);
  });
  test("its certificate names all it goes by", async () => {
    const { cert, key } = await certificateFor(hostsOf([], false));
    expect(cert).toMatch(/BEGIN CERTIFICATE/);
    expect(key).toMatch(/PRIVATE KEY/);
  });
});
