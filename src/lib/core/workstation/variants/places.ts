import { seatRulesOf } from '../corner/seat-kinds';
import { bandsFor } from '../../body/guidance/sitting-styles';
import type { VariantBase } from './variant-base';
import type { Variant } from './variant';

/** Surface heights that suit the hands, sitting on the seat as set and standing, mm. */
function heightsForHands({ corner, body, setUp }: VariantBase) {
	const at = (posture: 'sitting' | 'standing') => {
		const spot = { ...corner.spot, posture };
		const { elbow } = bandsFor({ ...corner, spot });
		const level =
			posture === 'sitting'
				? setUp.seat + setUp.pads + body.sittingElbow.mm
				: body.standingElbow.mm + corner.person.heel;
		const over = level - corner.spot.keys.homeRow;
		return [over - (elbow.high ?? elbow.low), over - elbow.low] as const;
	};
	return { sitting: at('sitting'), standing: at('standing') };
}

/** A better place than a sofa or bed: the table height to look for, with a chair that suits the legs. Common practice. */
export function anotherSpot({ corner, body }: VariantBase): Variant | null {
	if (seatRulesOf(corner).isForWork) return null;
	const { knee, elbow } = bandsFor({ ...corner, way: 'upright' });
	const seat = body.popliteal.mm + corner.person.heel + (knee.ideal ?? knee.low);
	const level = seat + body.sittingElbow.mm - corner.spot.keys.homeRow;
	return {
		id: 'another-spot',
		labels: [],
		numbers: { riseMm: seat, fromMm: level - (elbow.high ?? elbow.low), toMm: level - elbow.low },
		after: [],
		closes: []
	};
}

/** A laptop without a separate keyboard: change places every half hour, alternating between ones that suit the hands. Common practice. */
export function moveAbout(base: VariantBase): Variant | null {
	const { facts, corner } = base;
	if (facts.keys !== 'built-in' || !seatRulesOf(corner).canGetUp) return null;
	const { sitting, standing } = heightsForHands(base);
	return {
		id: 'move-about',
		labels: [],
		numbers: {
			...(facts.posture === 'sitting' && seatRulesOf(corner).isForWork
				? { fromMm: sitting[0], toMm: sitting[1] }
				: {}),
			standingFromMm: standing[0],
			standingToMm: standing[1]
		},
		after: [],
		closes: []
	};
}
