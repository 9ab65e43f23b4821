import type { Directive } from "vue";

/** Fields in which something is being typed. */
const typing = new WeakSet<HTMLInputElement>();

const show = (el: HTMLInputElement, value: string | number | null | undefined): void => {
  const text = value === null || value === undefined ? "" : String(value);
  if (!typing.has(el) && el.value !== text) el.value = text;
  el.defaultValue = text;
};

/**
 * The value of a field that is kept when it is left: what is being typed, or was refused, is not written over by
 * whatever ticks around it, only by another value. Esc brings back what was there.
 */
export const vTyped: Directive<HTMLInputElement, string | number | null | undefined> = {
  mounted(el, { value }) {
    show(el, value);
    el.addEventListener("input", () => typing.add(el));
    el.addEventListener("change", () => typing.delete(el));
    el.addEventListener("blur", () => typing.delete(el));
    el.addEventListener("keydown", (event) => {
      if (event.key !== "Escape" || el.value === el.defaultValue) return;
      typing.delete(el);
      el.value = el.defaultValue;
    });
  },
  updated(el, { value, oldValue }) {
    if (value !== oldValue) show(el, value);
  },
};
