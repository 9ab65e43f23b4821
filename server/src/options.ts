import { randomInt } from "node:crypto";
import { parseArgs } from "node:util";

/** How the server is started. */
export interface StartOptions {
  readonly host: string;
  readonly port: number | undefined;
  /** Open to the other devices of the network. */
  readonly isOpen: boolean;
  readonly isHttps: boolean;
  /** Names beside its own under which it answers. */
  readonly names: readonly string[];
  readonly word: string | null;
}

/** Something is wrong with what was asked for; the message says what. */
export class BadOption extends Error {
  override readonly name = "BadOption";
}

/** Syllables that are heard and typed without a slip. */
const SYLLABLES = [
  "ba",
  "de",
  "fi",
  "go",
  "ku",
  "la",
  "me",
  "ni",
  "po",
  "ru",
  "sa",
  "ti",
  "vo",
  "wa",
];
const SYLLABLE_COUNT = 5;
const LOOPBACK = "127.0.0.1";

const newWord = (): string =>
  Array.from({ length: SYLLABLE_COUNT }, () => SYLLABLES[randomInt(SYLLABLES.length)]).join("");

/**
 * Reads `--lan`, `--https`, `--name NAME` and HOST, PORT, KETTLOS_NAMES, KETTLOS_WORD.
 * @throws BadOption
 */
export function readOptions(
  args: readonly string[],
  env: Readonly<Record<string, string | undefined>>,
): StartOptions {
  const { lan, https, name } = parsed(args);
  const asked = env["PORT"];
  const port = asked === undefined || asked === "" ? undefined : Number(asked);
  if (port !== undefined && !(Number.isInteger(port) && port >= 0 && port <= 65535))
    throw new BadOption(`PORT is "${asked ?? ""}"; it must be a whole number from 0 to 65535.`);
  const host = env["HOST"] ?? (lan ? "0.0.0.0" : LOOPBACK);
  const isOpen = lan || !["127.0.0.1", "localhost", "::1"].includes(host);
  const names = (env["KETTLOS_NAMES"] ?? "").split(",").filter((n) => n !== "");
  return {
    host,
    port,
    isOpen,
    isHttps: https,
    names: [...names, ...name],
    word: isOpen ? (env["KETTLOS_WORD"] ?? newWord()) : null,
  };
}

function parsed(args: readonly string[]) {
  try {
    const { values } = parseArgs({
      args: [...args],
      options: {
        lan: { type: "boolean", default: false },
        https: { type: "boolean", default: false },
        name: { type: "string", multiple: true, default: [] },
      },
    });
    return values;
  } catch (error) {
    throw new BadOption(
      `${error instanceof Error ? error.message : "Unknown option."} Known: --lan, --https, --name NAME.`,
    );
  }
}
