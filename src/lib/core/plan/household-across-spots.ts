import type { Corner } from '../corner';
import type { Plan } from './plan-corner';

/** Ids of the household items that a plan uses, each as often as it is used. */
export function itemsUsed(plan: Plan): string[] {
	return Object.values(plan.stations).flatMap(({ pieces }) =>
		pieces.map(({ id }) => id.replace(/#\d+$/, ''))
	);
}

/**
 * A corner with what the plans of other spots leave of the household: a piece serves one of them.
 *
 * @param corner a spot with the whole household
 * @param others the plans of the other spots
 */
export function cornerWithoutUsedItems(corner: Corner, ...others: readonly Plan[]): Corner {
	const used = others.flatMap(itemsUsed);
	const household = corner.household.flatMap((item) => {
		const left = (item.count ?? 1) - used.filter((id) => id === item.id).length;
		return left > 0 ? [{ ...item, count: left }] : [];
	});
	return { ...corner, household };
}

/**
 * Items that plans of several spots use more of than there are, with how many have to move when changing over.
 *
 * @returns item id and number of pieces
 */
export function itemsSharedBySpots(
	corner: Corner,
	...plans: readonly Plan[]
): { readonly id: string; readonly pieces: number }[] {
	const used = plans.flatMap(itemsUsed);
	return corner.household.flatMap(({ id, count }) => {
		const over = used.filter((u) => u === id).length - (count ?? 1);
		return over > 0 ? [{ id, pieces: over }] : [];
	});
}
