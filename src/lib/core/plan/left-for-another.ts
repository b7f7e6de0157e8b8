import type { Corner } from '../corner';
import type { Plan } from './plan-corner';

/** Ids of the household items that a plan uses, each as often as it is used. */
function itemsUsed(plan: Plan): string[] {
	return Object.values(plan.stations).flatMap(({ pieces }) =>
		pieces.map(({ id }) => id.replace(/#\d+$/, ''))
	);
}

/**
 * A corner with what another spot's plan leaves of the household: a piece serves one of them.
 *
 * @param corner a spot with the whole household
 * @param other the plan of the spot that goes first
 */
export function leftForAnother(corner: Corner, other: Plan): Corner {
	const used = itemsUsed(other);
	const household = corner.household.flatMap((item) => {
		const left = (item.count ?? 1) - used.filter((id) => id === item.id).length;
		return left > 0 ? [{ ...item, count: left }] : [];
	});
	return { ...corner, household };
}

/**
 * Items that both plans use more of than there are, with how many have to move when changing over.
 *
 * @returns item id and number of pieces
 */
export function piecesThatMove(
	corner: Corner,
	a: Plan,
	b: Plan
): { readonly id: string; readonly pieces: number }[] {
	const used = [...itemsUsed(a), ...itemsUsed(b)];
	return corner.household.flatMap(({ id, count }) => {
		const over = used.filter((u) => u === id).length - (count ?? 1);
		return over > 0 ? [{ id, pieces: over }] : [];
	});
}
