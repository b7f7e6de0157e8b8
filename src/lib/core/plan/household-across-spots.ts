import type { Corner } from '../workstation/corner/corner';
import type { Plan } from './plan-corner';

/** Ids of the household items that a plan uses, each as often as it is used. */
export function itemsUsed(plan: Plan): string[] {
	return Object.values(plan.stations).flatMap(({ pieces }) =>
		pieces.map(({ id }) => id.replace(/#\d+$/, ''))
	);
}

/**
 * A workstation with the household items that other workstations' plans leave over: an item serves only one of them.
 * @param corner a workstation with the whole household
 * @param others the plans of the other workstations
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
 * Items that the plans of several workstations use more often than they exist, with the number to move when changing places.
 * @returns item id and number of items
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
