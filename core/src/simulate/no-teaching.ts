import type { Teaching } from "./teaching-schema";

/** Where the cook has said nothing to what the log teaches. */
export const NO_TEACHING: Teaching = { leftOut: [], resets: [], frozen: [] };
