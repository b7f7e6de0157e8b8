/**
 * How long a test, and an expectation in a browser, may take, ms: what hangs is found, and what is only slow is the benches' matter. On a busy
 * machine everything takes longer: `EASY_CORNER_PATIENCE=3` gives each three times as long. `npm test` does so by itself, since its lanes keep
 * each other busy.
 */
const FACTOR = Number(process.env.EASY_CORNER_PATIENCE ?? 1);

export const TEST_LIMIT_MS = 60_000 * FACTOR;

export const EXPECTATION_LIMIT_MS = 10_000 * FACTOR;
