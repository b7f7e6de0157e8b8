import { backSupport } from '../../body/seat/back-support';
import type { VariantBase } from './variant-base';
import type { Variant } from './variant';

/**
 * A roll in the pocket of a jacket hung over the backrest: it stays at any height. Where a towel is rolled for the lumbar hollow. Common
 * practice.
 */
export function jacketRoll({ corner, plan }: VariantBase): Variant | null {
	const stacked = Object.values(plan?.stations ?? {}).flatMap(({ pieces }) => pieces.map(({ id }) => id));
	const back = backSupport(corner, new Set(stacked));
	if (back?.fills !== 'hollow' || !back.filler?.roll) return null;
	return { id: 'jacket-roll', labels: [back.filler.item.label], numbers: {}, after: [], closes: [] };
}
