import type { Directive } from "vue";

/** What a field keeps, and what stands in it: something else where that is refused, or only asked about. */
export interface Typed {
  readonly kept: string;
  readonly written: string;
}

/** Fields in which something is being typed. */
const typing = new WeakSet<HTMLInputElement>();

const asTyped = (value: string | Typed): Typed =>
  typeof value === "string" ? { kept: value, written: value } : value;

function show(el: HTMLInputElement, { kept, written }: Typed): void {
  if (!typing.has(el) && el.value !== written) el.value = written;
  el.defaultValue = kept;
}

/**
 * The value of a field that is kept when it is left: what is being typed, or was refused, is not written over by
 * whatever ticks around it, only by another value. Esc brings back what is kept.
 */
export const vTyped: Directive<HTMLInputElement, string | Typed> = {
  mounted(el, { value }) {
    show(el, asTyped(value));
    el.addEventListener("input", () => typing.add(el));
    el.addEventListener("change", () => typing.delete(el));
    el.addEventListener("blur", () => typing.delete(el));
    el.addEventListener("keydown", (event) => {
      if (event.key !== "Escape" || el.value === el.defaultValue) return;
      const wasTyping = typing.delete(el);
      el.value = el.defaultValue;
      // What was refused is taken back, with its reason.
      if (!wasTyping) el.dispatchEvent(new Event("change"));
    });
  },
  updated(el, { value, oldValue }) {
    const [now, before] = [asTyped(value), oldValue === null ? null : asTyped(oldValue)];
    if (now.kept !== before?.kept || now.written !== before.written) show(el, now);
  },
};
