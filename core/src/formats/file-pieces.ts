import { JSONParser } from "@streamparser/json";
import type { FileCheck } from "./file-check";
import { FILE_FIELDS, FILE_LISTS, isFileList, type FileEntry } from "./file-lists";
import type { FileProblem } from "./file-problem";

const BYTE_ORDER_MARK = [0xef, 0xbb, 0xbf];

/** Reads the bytes of a Kettlos JSON file as they come, and checks each piece once it is whole. */
export class FilePieces {
  private readonly parser = new JSONParser({
    paths: [...FILE_FIELDS, ...FILE_LISTS]
      .map((name) => `$.${name}`)
      .concat(FILE_LISTS.map((name) => `$.${name}.*`)),
    // What has come is let go of.
    keepStack: false,
  });
  private come: FileEntry[] = [];
  private problem: FileProblem | null = null;
  private isBegun = false;

  constructor(private readonly check: FileCheck) {
    const { parser } = this;
    parser.onValue = ({ key, stack, value }) => this.take(key, stack, value);
    parser.onError = (error) => {
      this.problem ??= { path: "", message: `This is not JSON: ${error.message}` };
    };
    parser.onEnd = () => undefined;
  }

  private take(
    key: string | number | undefined,
    stack: readonly { readonly key?: string | number | undefined }[],
    value: unknown,
  ): void {
    const list = stack.at(-1)?.key;
    if (stack.length === 1 && typeof key === "string") this.check.field(key, value);
    else if (typeof key === "number" && typeof list === "string" && isFileList(list)) {
      const entry = this.check.entry(list, key, value);
      if (entry !== null) this.come.push(entry);
    }
  }

  /** Takes the next bytes. @returns what is whole since; a problem where this is no file that can be read */
  next(bytes: Uint8Array): readonly FileEntry[] | FileProblem {
    const hasMark = !this.isBegun && BYTE_ORDER_MARK.every((byte, i) => bytes[i] === byte);
    this.isBegun = true;
    this.parser.write(hasMark ? bytes.subarray(BYTE_ORDER_MARK.length) : bytes);
    const problem = this.problem ?? this.check.refusal;
    if (problem !== null) return problem;
    const { come } = this;
    this.come = [];
    return come;
  }

  /** All has come. @returns why it is no JSON; null where it is */
  end(): FileProblem | null {
    if (!this.parser.isEnded) this.parser.end();
    return this.problem;
  }
}
