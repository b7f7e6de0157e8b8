/** For how long a message is tried, days: then it is given up. Our assumption: a receiver may be down over a weekend. */
export const WEBHOOK_DAYS = 3;

const MINUTE_MS = 60_000;

/** Longest pause between two attempts, ms. */
const LONGEST_MS = 6 * 60 * MINUTE_MS;

/**
 * How long to wait after a failed attempt: a minute, then twice as long each time, up to six hours.
 * @param tries made so far, from 1
 * @returns ms
 */
export const nextTryAfterMs = (tries: number): number =>
	Math.min(MINUTE_MS * 2 ** Math.min(tries - 1, 20), LONGEST_MS);
