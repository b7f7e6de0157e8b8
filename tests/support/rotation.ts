/**
 * Which part of the proofs this run tries. Each proof holds over many random cases; a run tries a share of them, another one each day, and
 * `npm run test:long` tries all. `PROOF_ROTATION` repeats the part of a run that failed: the number stands in its output.
 */
const DAY_MS = 86_400_000;

/** Whether everything is tested in full (`npm run test:long`), or what takes longest in a short form. */
export const IS_LONG_RUN = process.env.EASY_CORNER_TESTS === 'long';

/** The number of this run's part. */
export const ROTATION = Number(process.env.PROOF_ROTATION ?? Math.floor(Date.now() / DAY_MS));

/**
 * Numbers of the cases that this run tries.
 *
 * @param all how many there are; a multiple of the share
 * @param share how many a run tries
 * @param always cases that every run tries besides: those that show what a part may lack, so that what has to be seen is seen every day
 */
export function casesOf(all: number, share: number, always: readonly number[] = []): number[] {
	if (all % share !== 0) throw new Error(`${all} cases can't be shared by ${share}`);
	if (IS_LONG_RUN) return Array.from({ length: all }, (_, i) => i);
	const from = (ROTATION % (all / share)) * share;
	return [...new Set([...Array.from({ length: share }, (_, i) => from + i), ...always])];
}

/** How often this run repeats what goes another way each time: so often as said, and ten times that in the long run. */
export function timesOf(share: number): number {
	return IS_LONG_RUN ? 10 * share : share;
}

/** How many of so many cases have to hold for a share of them to be believed: not clearly fewer, at three standard deviations. */
export function leastOf(share: number, n: number): number {
	return share * n - 3 * Math.sqrt(n * share * (1 - share));
}
