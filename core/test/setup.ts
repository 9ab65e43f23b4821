import fc from "fast-check";

// Few draws in every run of the tests, many in `npm run proofs`; where a test names its own number, that.
fc.configureGlobal({ numRuns: Number(process.env["FC_RUNS"] ?? 50) });
