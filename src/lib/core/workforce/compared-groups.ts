import { compareGroups, type ComparedGroup } from './statistics/outlying-groups';
import type { CodeFigures } from './figures';

/**
 * Each group of a figure beside all others, from what is published of them; null for groups that are hidden, and for all where the total
 * is.
 */
export function comparedGroups({ all, groups }: CodeFigures): (ComparedGroup | null)[] {
	const shown = groups.filter((group) => group !== null);
	if (!all || shown.length < 2) return groups.map(() => null);
	const compared = new Map(compareGroups(shown, all).map((one, i) => [shown[i], one]));
	return groups.map((group) => (group && compared.get(group)) ?? null);
}
