// Makes a bare machine ready: dependencies, browser, built application. Uses Node alone.
import { execFileSync, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const wants = new Set(process.argv.slice(2));
const stampFile = join(root, "node_modules", ".kettlos-installed");

function fail(message) {
  console.error(message);
  process.exit(1);
}

function installDependencies() {
  const lock = readFileSync(join(root, "package-lock.json"));
  const stamp = createHash("sha256").update(lock).update(process.version).digest("hex");
  if (existsSync(stampFile) && readFileSync(stampFile, "utf8") === stamp) return;
  if (isInstalled(lock)) return writeFileSync(stampFile, stamp);
  console.log("Installing what Kettlos needs (once, a minute or two) …");
  const npm = process.env.npm_execpath;
  const [command, args] = npm ? [process.execPath, [npm]] : ["npm", []];
  const done = spawnSync(command, [...args, "ci", "--include=dev", "--no-fund", "--no-audit"], {
    cwd: root,
    stdio: ["ignore", "ignore", "inherit"],
  });
  if (done.status !== 0) fail("The dependencies could not be installed. Is a registry reachable?");
  mkdirSync(join(root, "node_modules"), { recursive: true });
  writeFileSync(stampFile, stamp);
}

/** True where every package of the lock file is there in its version, however it came: `npm ci` says so. */
function isInstalled(lock) {
  const installed = join(root, "node_modules", ".package-lock.json");
  if (!existsSync(installed)) return false;
  const here = JSON.parse(readFileSync(installed, "utf8")).packages;
  return Object.entries(JSON.parse(lock).packages).every(
    ([path, { version, optional, link }]) =>
      path === "" ||
      !path.startsWith("node_modules/") ||
      link ||
      optional ||
      here[path]?.version === version,
  );
}

function findChromium() {
  return ["/usr/bin/chromium", "/usr/bin/chromium-browser"].find((path) => existsSync(path));
}

function installBrowser() {
  if (findChromium()) return;
  const how = "apt-get install -y --no-install-recommends chromium";
  if (process.getuid?.() !== 0 || !existsSync("/usr/bin/apt-get"))
    fail(`The tests need Chromium. Install it as root with: ${how}`);
  console.log("Installing Chromium for the tests (once) …");
  const apt = (...args) =>
    execFileSync("apt-get", ["-o", "DPkg::Lock::Timeout=300", "-qq", ...args], {
      stdio: ["ignore", "ignore", "inherit"],
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    });
  apt("update");
  apt("install", "-y", "--no-install-recommends", "chromium");
  if (!findChromium()) fail(`Chromium is still missing. Install it with: ${how}`);
}

function newest(path) {
  const stats = statSync(path);
  if (!stats.isDirectory()) return stats.mtimeMs;
  return Math.max(
    stats.mtimeMs,
    ...readdirSync(path)
      .filter((name) => !name.startsWith("dist") && name !== "node_modules")
      .map((name) => newest(join(path, name))),
  );
}

/** The application into a folder of web, in a language where one is named; nothing where it is newer than what it is made of. */
function buildApplication(folder, language) {
  const built = join(root, "web", folder, "index.html");
  const sources = ["web", "core/src", "package-lock.json"].map((p) => newest(join(root, p)));
  if (existsSync(built) && statSync(built).mtimeMs >= Math.max(...sources)) return;
  console.log(`Building the application${language ? " in the tests' own language" : ""} …`);
  const vite = join(root, "node_modules", "vite", "bin", "vite.js");
  const done = spawnSync(
    process.execPath,
    [
      vite,
      "build",
      "--config",
      "web/vite.config.ts",
      "--logLevel",
      "warn",
      "--outDir",
      folder,
      "--emptyOutDir",
      "web",
    ],
    {
      cwd: root,
      stdio: ["ignore", "ignore", "inherit"],
      env: {
        ...process.env,
        VITE_CONFIG_NATIVE_IGNORE_WARNING: "true",
        ...(language ? { KETTLOS_LANGUAGE: language } : {}),
      },
    },
  );
  if (done.status !== 0) fail("The application could not be built.");
}

installDependencies();
if (wants.has("--browser")) installBrowser();
if (wants.has("--app")) buildApplication("dist");
if (wants.has("--pseudo")) buildApplication("dist-pseudo", "pseudo");
