/** Letters and figures of a name, as a file may be called. */
export const fileWord = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 60);

/** Gives a text to the cook as a file of this name. */
export const save = (name: string, text: string, type: string): void =>
  saveBlob(name, new Blob([text], { type }));

/** The same of what lies in a blob. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
