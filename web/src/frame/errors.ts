import { shallowRef, type App } from "vue";
import { NotWritten } from "../data/writing";

/** Something that went wrong and was not expected, for the cook to read and pass on. */
export interface Mishap {
  readonly message: string;
  readonly details: string;
}

export const mishap = shallowRef<Mishap | null>(null);

/** Shows an unexpected error on the error surface. */
export function report(error: unknown): void {
  // Said already, where it arose.
  if (error instanceof NotWritten) return;
  const known = error instanceof Error ? error : new Error(String(error));
  mishap.value = {
    message: known.message,
    details: known.stack ?? known.message,
  };
}

/** Catches what no screen caught: in components, in promises, in handlers. */
export function watchErrors(app: App): void {
  app.config.errorHandler = (error) => {
    if (!(error instanceof NotWritten)) console.error(error);
    report(error);
  };
  window.addEventListener("unhandledrejection", (event) => report(event.reason));
  window.addEventListener("error", (event) => {
    if (event.error !== null && event.error !== undefined) report(event.error);
  });
}
