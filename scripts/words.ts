// The vocabulary with what each word means and where it is said, from the phrases themselves, into docs/words.md.
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { gatherPhrases } from "../web/language/gather";
import { usesOf } from "../web/language/uses";
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
