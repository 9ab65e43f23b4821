/** Width of a letter of the drawings' text at 14 px, on the wide side, px. */
const LETTER_PX = 7.2;

/** How wide a text is drawn, px, before it is: on the wide side. */
export const widthOfText = (text: string): number => text.length * LETTER_PX;

/**
 * A text in as many lines as it takes where each has so much room; a word longer than that stands alone.
 * @example inLines("from meat and vegetables", 90) // ["from meat", "and", "vegetables"]
 */
export function inLines(text: string, mostPx: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(" ")) {
    const last = lines.at(-1);
    if (last !== undefined && widthOfText(`${last} ${word}`) <= mostPx)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
