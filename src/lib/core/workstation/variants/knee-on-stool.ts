import type { VariantBase } from './variant-base';
import type { Variant } from './variant';

/** How much lower than the hollow of the knee a stool for one knee is, mm, so that the hips stay level. Our assumption. */
const BELOW_KNEE_MM = 20;

/** One foot ahead, or one knee on a stool, alternating: standing without slumping. Common practice. */
export function kneeOnStool({ facts, body, corner }: VariantBase): Variant | null {
	if (facts.posture !== 'standing') return null;
	return {
		id: 'knee-on-stool',
		labels: [],
		numbers: { fromMm: body.popliteal.mm + corner.person.heel - BELOW_KNEE_MM },
		after: [],
		closes: []
	};
}
