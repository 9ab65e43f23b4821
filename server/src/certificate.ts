import { isIP } from "node:net";
import { generate } from "selfsigned";

export interface Certificate {
  readonly key: string;
  readonly cert: string;
}

const DAYS = 30;
const DAY_MS = 86_400_000;

/** A certificate of its own for these names and addresses, made anew at each start. */
export async function certificateFor(hosts: ReadonlySet<string>): Promise<Certificate> {
  const names = [...hosts].map((host) => host.replace(/^\[|\]$/g, ""));
  const made = await generate([{ name: "commonName", value: "Kettlos" }], {
    keySize: 2048,
    notAfterDate: new Date(Date.now() + DAYS * DAY_MS),
    extensions: [
      {
        name: "subjectAltName",
        altNames: names.map((name) =>
          isIP(name) === 0 ? { type: 2 as const, value: name } : { type: 7 as const, ip: name },
        ),
      },
    ],
  });
  return { key: made.private, cert: made.cert };
}
