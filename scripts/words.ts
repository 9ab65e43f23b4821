// The vocabulary with what each word means and where it is said, from the phrases themselves, into docs/words.md; what
// each screen answers and how its drawing is read, as its help says it, into docs/guide.md.
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { gatherPhrases } from "../web/language/gather";
import { usesOf } from "../web/language/uses";
import { helpOf, SCREEN_HELP } from "../web/src/frame/screen-help";
import { VOCABULARY } from "../web/src/words/vocabulary";

const FILE = fileURLToPath(new URL("../docs/words.md", import.meta.url));
const phrases = await gatherPhrases();
const rows = VOCABULARY.map((term) => {
  const { count, places } = usesOf(term, phrases);
  return `| ${term.term} | ${term.means} | ${places.join(", ")} | ${count} |`;
});
writeFileSync(
  FILE,
  `# Words

Written by \`npm run words\` from \`web/src/words/vocabulary.ts\` and the ${phrases.length} phrases of the application. What
every kitchen says (pot, lid, onion) is not in it. The screens whose own phrases say a word stand beside it; what the
core says (cautions, steps, because) is said on whichever screen it is about.

| word | meaning | said on | phrases |
| ---- | ------- | ------- | ------: |
${rows.join("\n")}
`,
);
console.log(`${FILE}: ${rows.length} words`);

const GUIDE = fileURLToPath(new URL("../docs/guide.md", import.meta.url));
const screens = Object.keys(SCREEN_HELP).map((name) => {
  const { title, answers, drawn } = helpOf(name);
  const parts = drawn.map(([part, means]) => `- **${part}**: ${means}`);
  return [`## ${title}`, answers, ...(parts.length > 0 ? [parts.join("\n")] : [])].join("\n\n");
});
writeFileSync(
  GUIDE,
  `# Guide

What each screen answers, and how its drawing is read: written by \`npm run words\` from \`web/src/frame/screen-help.ts\`,
which \`?\` shows on the screen itself, with its words and keys.

${screens.join("\n\n")}
`,
);
console.log(`${GUIDE}: ${screens.length} screens`);
