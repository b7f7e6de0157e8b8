import { comparedGroups } from '$lib/core/workforce/compared-groups';
import type { Grouping } from '$lib/core/workforce/codes';
import type { PublishedShare, FigureTable } from '$lib/core/workforce/figures';
import { codeWords, groupWords } from '$lib/messages/desk/workforce-words';

export interface FigureRows extends FigureTable {
	/** Index of the chosen group; null for everyone. */
	readonly at: number | null;
	readonly rounds: Readonly<Record<string, string>>;
	/** At a closing: the one at which each group was last renewed. */
	readonly renewedOn?: Readonly<Record<string, string>>;
}

interface RowWithFigure {
	readonly figure: PublishedShare | null;
}

/** The figure of a code for those the page is about: the chosen group, or everyone. */
export function publishedShareOf({ figures, at }: FigureRows, code: string): PublishedShare | null {
	const found = figures.find((one) => one.code === code);
	if (!found) return null;
	return at === null ? found.all : (found.groups[at] ?? null);
}

/** The number of people the page is about; null where it may not be published. */
export const groupSizeOf = ({ people, at }: FigureRows): number | null =>
	at === null ? people.all : (people.groups[at] ?? null);

const largestFirst = (a: RowWithFigure, b: RowWithFigure) =>
	(b.figure?.share ?? -1) - (a.figure?.share ?? -1);

/** The figure of a code in every group, largest first, hidden ones last. */
export function rowsByGroup(
	{ figures, groups, rounds, renewedOn = {} }: FigureRows,
	by: Grouping,
	code: string
) {
	const found = figures.find((one) => one.code === code);
	const compared = found ? comparedGroups(found) : [];
	return groups
		.map((key, i) => ({
			key,
			words: groupWords(by, key, rounds),
			figure: found?.groups[i] ?? null,
			renewedOn: renewedOn[key] ?? null,
			compared: compared[i] ?? null
		}))
		.sort(largestFirst);
}

/** The figures of some codes, largest first, hidden ones last. @param hrefOf where the people behind each are listed */
export const rowsByCode = (
	table: FigureRows,
	codes: readonly string[],
	hrefOf: (code: string) => string | null = () => null
) =>
	codes
		.map((key) => ({
			key,
			words: codeWords(key),
			figure: publishedShareOf(table, key),
			href: hrefOf(key)
		}))
		.sort(largestFirst);
