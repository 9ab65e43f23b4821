import { Problem } from "@kettlos/core/units/problem";

/** Longer ones are cut by what passes links on; then it is sent as a file. */
export const MOST_LINK_CHARS = 8000;
/** What a link opens to is no more than this: one that was made to burst is given up on. */
const MOST_TEXT_CHARS = 2_000_000;
/** Bytes are turned into letters by so many at a time. */
const CHUNK = 8192;

/** A text as it goes in the fragment of a link: compressed (raw deflate), in base64 for addresses. */
export async function packed(text: string): Promise<string> {
  const stream = new Blob([text]).stream().pipeThrough(new CompressionStream("deflate-raw"));
  const bytes = new Uint8Array(await new Response(stream).arrayBuffer());
  let letters = "";
  for (let i = 0; i < bytes.length; i += CHUNK)
    letters += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return btoa(letters).replace(/\+/gu, "-").replace(/\//gu, "_").replace(/=+$/u, "");
}

/**
 * The text that `packed` made the fragment of.
 * @throws Problem `unreadable` where it was cut or changed on its way, or holds too much
 */
export async function unpacked(fragment: string): Promise<string> {
  try {
    const letters = atob(fragment.replace(/-/gu, "+").replace(/_/gu, "/"));
    const bytes = Uint8Array.from(letters, (c) => c.charCodeAt(0));
    const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream("deflate-raw"));
    const reader = stream.pipeThrough(new TextDecoderStream()).getReader();
    let text = "";
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return text;
      text += value;
      if (text.length > MOST_TEXT_CHARS) {
        await reader.cancel();
        throw new RangeError("too much");
      }
    }
  } catch {
    throw new Problem(
      "unreadable",
      "link",
      fragment.length,
      "This link was cut or changed on its way: ask for it again, or for the file.",
    );
  }
}
