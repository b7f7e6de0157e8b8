import { COMPRESSED_FRACTION } from '../workstation/household/placement-modes';
import { PAD_KINDS, type PadKind } from '../workstation/household/pads';
import { Z } from './statistics/interval';
import type { CodeRule, FigureTable, Tally } from './figures';

/** How much of a pad's thickness remains under people, as they have measured it. */
export interface PadShare {
	readonly kind: PadKind;
	/** Whole percent, with its 95 % interval. */
	readonly percent: number;
	readonly low: number;
	readonly high: number;
	/** People who have measured one. */
	readonly people: number;
}

/** The code of people who have measured how far a kind of pad sinks under them. */
export const padCode = (kind: PadKind) => `pad ${kind}`;

/** Who has measured a pad. What they found is published as an average alone. */
export const PAD_RULES: readonly CodeRule[] = PAD_KINDS.map((kind) => ({
	code: padCode(kind),
	among: '',
	isPart: true
}));

/** What statistics count of someone's pads, as codes: that they measured them, and the share that remains, in whole percent. */
export const padCodes = (shares: Readonly<Partial<Record<PadKind, number>>>): string[] =>
	PAD_KINDS.flatMap((kind) => {
		const percent = shares[kind];
		return percent === undefined ? [] : [padCode(kind), `${padCode(kind)} ${percent}`];
	});

/** How far a kind of pad may be from common practice, and people from their kind, as natural logarithms. Our working assumption. */
const KIND_SD = 0.3;
const PERSON_SD = 0.25;

/** With how many people that assumption counts in the spread of those who measured. */
const PERSON_SD_PEOPLE = 4;

/** Whoever finds less than a third or more than three times of what is usual has measured something else. */
const MOST_OFF = Math.log(3);

/**
 * How much of a kind of pad remains under the next person, from what others have measured: a hierarchical estimate with people within kinds,
 * and kinds around common practice, on the logarithm of the share. Few people move it little.
 * @param shares percentages with the number of people who found each; not empty
 */
export function estimatePadShare(
	kind: PadKind,
	shares: readonly { readonly percent: number; readonly count: number }[]
): PadShare {
	const usual = 100 * COMPRESSED_FRACTION[kind];
	const values = shares.map(({ percent, count }) => ({
		value: Math.max(-MOST_OFF, Math.min(MOST_OFF, Math.log(percent / usual))),
		count
	}));
	const people = values.reduce((sum, { count }) => sum + count, 0);
	const mean = values.reduce((sum, { value, count }) => sum + value * count, 0) / people;
	const squares = values.reduce((sum, { value, count }) => sum + count * (value - mean) ** 2, 0);
	const variance =
		(PERSON_SD_PEOPLE * PERSON_SD ** 2 + squares) / (PERSON_SD_PEOPLE + Math.max(0, people - 1));
	const precision = people / variance + 1 / KIND_SD ** 2;
	const centre = (people / variance) * (mean / precision);
	const percentAt = (log: number) => Math.round(usual * Math.exp(log));
	const half = Z / Math.sqrt(precision);
	return {
		kind,
		percent: percentAt(centre),
		low: percentAt(centre - half),
		high: percentAt(centre + half),
		people
	};
}

/** How far pads sink, for kinds of which the number of people who measured one is published. */
export function padShares(
	{ counts }: Pick<Tally, 'counts'>,
	{ figures }: Pick<FigureTable, 'figures'>
): PadShare[] {
	return PAD_KINDS.flatMap((kind) => {
		const isPublished = Boolean(figures.find(({ code }) => code === padCode(kind))?.all);
		const begins = `${padCode(kind)} `;
		const shares = Object.entries(counts).flatMap(([code, of]) =>
			code.startsWith(begins)
				? [{ percent: Number(code.slice(begins.length)), count: of.reduce((sum, n) => sum + n, 0) }]
				: []
		);
		return isPublished && shares.length > 0 ? [estimatePadShare(kind, shares)] : [];
	});
}
