import { checkCorner } from '../checks';
import type { CheckResult } from '../checks';
import { checksClosedBy, isCheckOpen, type VariantBase } from './variant-base';
import type { Variant } from './variant';

/** Angles that a backrest is leaned back by, degrees. Common practice of the open school; further back the neck has to be held. */
const ANGLES_DEG = [10, 15, 20] as const;

/** The checks with the trunk leaned back about the hips: elbow and eye come down by the cosine. */
function leaned({ corner, setUp, body }: VariantBase, degrees: number): CheckResult[] {
	const cosine = Math.cos((degrees * Math.PI) / 180);
	const shrunk = {
		...body,
		sittingElbow: { ...body.sittingElbow, mm: Math.round(body.sittingElbow.mm * cosine) },
		sittingEye: { ...body.sittingEye, mm: Math.round(body.sittingEye.mm * cosine) }
	};
	return checkCorner(corner, setUp, shrunk).filter(({ id }) => id === 'elbow' || id === 'eye');
}

/**
 * Leaning back, the screen following: where a screen stays too low after the plan and the eye can come down to it, or where the way of
 * sitting is the open one. Only with a backrest, and never for a back that is eased by arching. Common practice of one school.
 */
export function recline(base: VariantBase): Variant | null {
	const { facts, corner, body, after } = base;
	if (facts.seat !== 'chair' || facts.backrest === 'no') return null;
	if (facts.way === 'active' || facts.way === 'forearms-down' || facts.back === 'eased-by-arching')
		return null;
	const wanted = isCheckOpen(base, 'eye', 'low');
	if (!wanted) return null;
	const elbowNow = after.find(({ id }) => id === 'elbow');
	for (const degrees of ANGLES_DEG) {
		const results = leaned(base, degrees);
		const closes = checksClosedBy(base, results);
		const elbow = results.find(({ id }) => id === 'elbow');
		if (!closes.includes('eye') || (elbowNow?.verdict === 'fits' && elbow?.verdict !== 'fits')) continue;
		const sine = Math.sin((degrees * Math.PI) / 180);
		const eye = body.sittingEye.mm;
		return {
			id: 'recline',
			labels: [],
			numbers: {
				degrees,
				nearerMm: Math.round(eye * sine),
				lowerMm: Math.round(eye - eye * Math.cos((degrees * Math.PI) / 180))
			},
			after: results,
			closes: corner.spot.keys.kind === 'built-in' ? closes.filter((id) => id === 'eye') : closes
		};
	}
	return null;
}
