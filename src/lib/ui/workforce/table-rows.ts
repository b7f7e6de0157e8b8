import { comparedGroups } from '$lib/core/workforce/compared-groups';
import type { Grouping } from '$lib/core/workforce/codes';
import type { PublishedShare, FigureTable } from '$lib/core/workforce/figures';
import { groupWords } from '$lib/messages/desk/workforce-words';

/** A table of figures as on a page. */
export interface FigureRows extends FigureTable {
	/** Index of the chosen group; null for everyone. */
	readonly at: number | null;
	readonly rounds: Readonly<Record<string, string>>;
	/** At a closing: the one at which each group was last renewed. */
	readonly renewedOn?: Readonly<Record<string, string>>;
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
		.sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1));
}
