/** What checks documents did not come: the network is away, and the browser has not kept it. */
class NotLoaded extends Error {
  override readonly name = "NotLoadedError";
}

/**
 * What documents are checked by before they are written. It comes once the first screen stands; whatever is written
 * waits for it, outside of any transaction: one that waits is over.
 * @throws NotLoaded where it does not come; what was to be written waits to be tried again
 */
export const checks = () =>
  import("./wholes").catch((cause: unknown) => {
    throw new NotLoaded("What checks documents did not come.", { cause });
  });

export type Checks = Awaited<ReturnType<typeof checks>>;
