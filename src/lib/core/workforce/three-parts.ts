import { FIGURE_CODES } from './codes';
import { shareFigure, type FigureTable, type PublishedShare } from './figures';

/** Workstations in three parts. What isn't known yet counts as neither. */
export interface ThreeParts {
	readonly problem: PublishedShare;
	/** The other two together. */
	readonly well: PublishedShare | null;
	/** Null where one of the two has too few people. */
	readonly unknown: PublishedShare | null;
	readonly fits: PublishedShare | null;
}

/** Codes of the parts: now, and after the plan. */
const CODES = {
	now: { problem: FIGURE_CODES.problem, well: FIGURE_CODES.well, unknown: FIGURE_CODES.unknown },
	after: { problem: FIGURE_CODES.open, well: FIGURE_CODES.wellAfter, unknown: FIGURE_CODES.unknownAfter }
} as const;

/**
 * Heights in three parts, of everyone or of one group.
 * @param at index of the group; null for everyone
 * @returns null where not even the share with a problem may be published
 */
export function threePartsOf(
	{ figures }: Pick<FigureTable, 'figures'>,
	at: number | null,
	when: keyof typeof CODES = 'now'
): ThreeParts | null {
	const of = (code: string) => {
		const found = figures.find((one) => one.code === code);
		return (at === null ? found?.all : found?.groups[at]) ?? null;
	};
	const [problem, well, unknown] = [of(CODES[when].problem), of(CODES[when].well), of(CODES[when].unknown)];
	if (!problem) return null;
	return { problem, well, unknown, fits: well && unknown && shareFigure(well.x - unknown.x, well.n) };
}
