import { bandsFor, forearmsOnSurface } from '../../body/guidance/sitting-styles';
import type { VariantBase } from './variant-base';
import type { Variant } from './variant';

/** From this height, a surface calls for a high chair or a bar stool, mm. Common practice: breakfast bars begin at about 1,000. */
const HIGH_FROM_MM = 850;

/** Highest seat of a bar chair, mm. Our assumption. */
const HIGHEST_SEAT_MM = 900;

/**
 * A high chair at a bar or a fixed high desk, to alternate with standing: its seat height, and what the feet then need. Common practice.
 */
export function highChair({ facts, corner, body, setUp }: VariantBase): Variant | null {
	const { surface, keys } = corner.spot;
	if (facts.posture !== 'standing' || setUp.surface < HIGH_FROM_MM || surface.range !== null) return null;
	const sitting = { ...corner, spot: { ...corner.spot, posture: 'sitting' as const, seat: null } };
	const { elbow, knee } = bandsFor(sitting);
	const row = forearmsOnSurface(sitting) ? 0 : keys.homeRow;
	const seat = setUp.surface + setUp.keys + row + (elbow.ideal ?? elbow.low) - body.sittingElbow.mm;
	const feet = seat - body.popliteal.mm - corner.person.heel - (knee.ideal ?? knee.low);
	// Without clearance for the thighs nobody sits there.
	const thighRoom = setUp.surface - surface.thickness - (seat + body.thigh.mm);
	if (seat > HIGHEST_SEAT_MM || feet <= 0 || thighRoom < 0) return null;
	return { id: 'high-chair', labels: [], numbers: { fromMm: seat, feetMm: feet }, after: [], closes: [] };
}
