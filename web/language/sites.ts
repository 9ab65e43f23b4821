import type { Node, TemplateLiteral } from "estree";
import { parseAst } from "vite";
import { hasLetters, isCode, isProse, isProseAround, STORED } from "./prose";

interface Span {
  readonly start: number;
  readonly end: number;
}

/** Where a phrase stands in a compiled module: `{0}`, `{1}` … in its id are the expressions of its template. */
export interface Site extends Span {
  /** The phrase as it is written, in English: what a language gives another text for. */
  readonly id: string;
  readonly kind: "string" | "template";
  readonly holes: readonly Span[];
  /** Whether it is said in one system of measures only, and another phrase stands for the other. */
  readonly isByMeasure: boolean;
}

const spanOf = (node: Node): Span => {
  const { start, end } = node as Node & Span;
  return { start, end };
};

const setOf = (words: string): ReadonlySet<string> => new Set(words.trim().split(/\s+/u));

/** Keys whose values a page or a program reads, and nobody else. */
const READ_KEYS = setOf(`
  class style id key ref for to href d viewBox transform role type kind src rel accept placement popperClass
  popper-class autocomplete inputmode fill points method __name __file path as way tag font mode rootMargin scheme
`);
/** Calls whose strings a program reads. */
const READ_BY = setOf(`
  split startsWith endsWith includes indexOf replace replaceAll match matchAll test getItem setItem removeItem
  querySelector querySelectorAll matchMedia addEventListener removeEventListener setAttribute getAttribute RegExp
  emit resolveComponent createElementNS table where orderBy stores normalizeClass closest useMediaQuery
  DateTimeFormat literal enum discriminatedUnion warn useRoute withKeys
`);
/** Names of what holds words, of which one alone looks like an id. */
const HOLDS_WORDS = /(?:^words?|_WORDS?|[a-z]Words?|^WORDS|^said|[a-z]Said)$/u;
const ONLY_WORDS = /WORDS?$/u;
const WORD_KEYS = setOf("label title text hint aria-label placeholder alt");
/** Calls of a compiled template that put text on the screen, by which of their arguments. */
const SHOWS: Readonly<Record<string, number>> = {
  createTextVNode: 0,
  toDisplayString: 0,
  createElementVNode: 2,
  createElementBlock: 2,
};

const nameOf = (node: Node): string => {
  if (node.type === "Identifier") return node.name;
  if (node.type === "Literal") return String(node.value);
  if (node.type === "CallExpression")
    return node.arguments[0] === undefined ? "" : nameOf(node.arguments[0]);
  return node.type === "MemberExpression" ? nameOf(node.property) : "";
};
/** What is called, also where a template unwraps it first. */
const calledName = (node: Node): string =>
  node.type === "CallExpression" || node.type === "NewExpression"
    ? nameOf(node.callee).replace(/^_/u, "")
    : "";

const textsOf = ({ quasis }: TemplateLiteral): string[] =>
  quasis.map(({ value }) => (value.cooked ?? "").replace(/[{}]/gu, ""));
const idOf = (template: TemplateLiteral): string =>
  textsOf(template)
    .map((text, i) => (i < template.expressions.length ? `${text}{${i}}` : text))
    .join("");

const isOfWords = (node: Node): boolean =>
  node.type === "TemplateLiteral" || /\S\s+\S/u.test(nameOf(node));

/** Whether a program reads what stands there, whatever it looks like; `above` are the nodes round it. */
function isRead(node: Node, above: readonly Node[]): boolean {
  const parent = above.at(-1);
  switch (parent?.type) {
    case "ImportDeclaration":
    case "ExportNamedDeclaration":
    case "ExportAllDeclaration":
    case "ImportExpression":
      return true;
    // `a["b"]`, and a list that something is looked up in.
    case "MemberExpression":
      return parent.property === node || READ_BY.has(nameOf(parent));
    // A text of several words is one phrase wherever it stands, so that what is compared with it still is the same.
    case "SwitchCase":
      return !isOfWords(node);
    case "BinaryExpression":
      return parent.operator !== "+" && !isOfWords(node);
    case "Property":
      return parent.key === node && !parent.computed
        ? !isOfWords(node)
        : READ_KEYS.has(nameOf(parent.key));
    case "CallExpression":
    case "NewExpression":
      return READ_BY.has(calledName(parent));
    case "TaggedTemplateExpression":
      return nameOf(parent.tag) === "raw";
    case "ArrayExpression":
    case "ConditionalExpression":
    case "LogicalExpression":
      return isRead(parent, above.slice(0, -1));
    default:
      return false;
  }
}

/** One word alone is a word where what holds it says so, or where it stands in a sentence. */
function isWord(leaf: Node, above: readonly Node[]): boolean {
  let within = leaf;
  let isKeyed = false;
  for (const node of above.toReversed()) {
    switch (node.type) {
      case "CallExpression":
        return node.arguments[SHOWS[calledName(node)] ?? -1] === within;
      case "TemplateLiteral": {
        const texts = textsOf(node);
        return /\s/u.test(texts.join("")) ? !isCode(texts.join("0")) : isProseAround(texts);
      }
      case "VariableDeclarator":
      case "FunctionDeclaration":
        return (isKeyed ? ONLY_WORDS : HOLDS_WORDS).test(node.id === null ? "" : nameOf(node.id));
      case "Property":
        if (WORD_KEYS.has(nameOf(node.key)) || HOLDS_WORDS.test(nameOf(node.key))) return true;
        // Of a record that a function makes, each key says for itself what it is.
        isKeyed = true;
    }
    within = node;
  }
  return false;
}

const isMark = (node: Node | undefined): node is Node =>
  node !== undefined && calledName(node) === "word";

function isPhrase(
  node: Node,
  above: readonly Node[],
): node is TemplateLiteral | (Node & { type: "Literal" }) {
  const parent = above.at(-1);
  if (node.type === "TemplateLiteral") return !isRead(node, above) && isProseAround(textsOf(node));
  if (node.type !== "Literal" || typeof node.value !== "string") return false;
  const text = node.value;
  // `word("fridge")`: one word that is said; so is what `either` says in one system of measures.
  if (isMark(parent) || (parent !== undefined && calledName(parent) === "either"))
    return hasLetters(text);
  return (
    !STORED.has(text) &&
    !isRead(node, above) &&
    (isProse(text) || (hasLetters(text) && !isCode(text) && isWord(node, above)))
  );
}

/** Whether which of two is said is decided by the measures. */
const isByMeasure = (above: readonly Node[], code: string): boolean =>
  above.some(
    (node) =>
      ["either", "inSystem"].includes(calledName(node)) ||
      (node.type === "ConditionalExpression" &&
        /"us"|"metric"|isUs\b|metric\b/u.test(
          code.slice(spanOf(node.test).start, spanOf(node.test).end),
        )),
  );

/**
 * The phrases of a compiled module: what is written in it for somebody to read.
 * @param code JavaScript, types and templates compiled away.
 */
export function sitesOf(code: string): Site[] {
  const sites: Site[] = [];
  visit(parseAst(code) as Node, [], (node, above) => {
    if (isPhrase(node, above))
      sites.push({
        id: node.type === "TemplateLiteral" ? idOf(node) : String(node.value),
        kind: node.type === "TemplateLiteral" ? "template" : "string",
        holes: node.type === "TemplateLiteral" ? node.expressions.map(spanOf) : [],
        isByMeasure: isByMeasure(above, code),
        // The mark is there to be found, and for nothing else: what is said takes its place.
        ...spanOf(isMark(above.at(-1)) && node.type === "Literal" ? (above.at(-1) as Node) : node),
      });
  });
  return sites;
}

/** Words of their own, as sentences begin, that a program compares something with: none of them may be said. */
export function comparedIn(code: string): string[] {
  const compared: string[] = [];
  visit(parseAst(code) as Node, [], (node, above) => {
    const parent = above.at(-1);
    if (
      node.type === "Literal" &&
      typeof node.value === "string" &&
      (parent?.type === "SwitchCase" ||
        (parent?.type === "BinaryExpression" && /^[!=]==?$/u.test(parent.operator))) &&
      !isOfWords(node) &&
      isProse(node.value)
    )
      compared.push(node.value);
  });
  return compared;
}

const isNode = (value: unknown): value is Node =>
  typeof value === "object" && value !== null && "type" in value && typeof value.type === "string";

/** A node and all below it, in the order they are written, each with those round it. */
function visit(node: Node, above: Node[], see: (node: Node, above: readonly Node[]) => void): void {
  see(node, above);
  above.push(node);
  for (const child of Object.values(node).flat() as unknown[])
    if (isNode(child)) visit(child, above, see);
  above.pop();
}
