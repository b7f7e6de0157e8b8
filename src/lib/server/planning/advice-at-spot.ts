import type { Advice } from '../../core/advice';
import type { Corner } from '../../core/corner';
import { leftForAnother } from '../../core/plan';
import type { Planning } from './planning';

/**
 * The advice at a spot with what the first spot leaves of the household: a piece serves one of them.
 *
 * @param first the first spot's corner; null where this is it
 */
export async function adviceAt(corner: Corner, first: Corner | null, planning: Planning): Promise<Advice> {
	const plan = first && (await planning.advise(first)).plans[0];
	return planning.advise(plan ? leftForAnother(corner, plan) : corner);
}
