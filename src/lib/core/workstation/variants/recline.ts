import { checkCorner, type CheckResult } from '../checks/check-corner';
import { checksClosedBy, isCheckOpen, type VariantBase } from './variant-base';
import type { Variant } from './variant';

/** Angles of a reclined backrest, degrees. Common practice for the style "open"; beyond these, the neck needs support. */
const ANGLES_DEG = [10, 15, 20] as const;

/** The checks with the trunk reclined about the hips: elbow and eye come down by the cosine. */
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
 * Reclining, with the screen following: where a screen stays too low after the plan and the eye can come down to it, or for the style
 * "open". Only with a backrest, and never for a back that is eased by arching. Common practice of some practitioners.
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
