import { METHOD_SD, SMALL_PART_SD, type Body } from '../body';
import type { BodyLengthName, Corner } from '../corner';
import { forearmsOnSurface } from '../guidance';
import type { CheckId } from './check-values';

/** A length that can be taken with a tape to make a check surer. */
export type MeasurableLengthName = BodyLengthName | 'seat' | 'surface' | 'thickness';

/** Order in which equals are asked for: as in the document's `body`, then the furniture. */
export const MEASURABLE_ORDER: readonly MeasurableLengthName[] = [
	'popliteal',
	'sittingElbow',
	'sittingEye',
	'thigh',
	'buttockPopliteal',
	'standingElbow',
	'standingEye',
	'seat',
	'surface',
	'thickness'
];

/** The lengths whose uncertainty a check carries, besides the small parts. */
const MEASURABLE_PARTS: Readonly<
	Record<Corner['spot']['posture'], Readonly<Record<CheckId, readonly MeasurableLengthName[]>>>
> = {
	sitting: {
		knee: ['popliteal', 'seat'],
		elbow: ['sittingElbow', 'seat', 'surface'],
		eye: ['sittingEye', 'seat', 'surface'],
		thigh: ['thigh', 'seat', 'surface', 'thickness']
	},
	standing: {
		knee: [],
		elbow: ['standingElbow', 'surface'],
		eye: ['standingEye', 'surface'],
		thigh: []
	}
};

/** The lengths that a check rests on and that a tape could take. */
export function measurableParts(
	corner: Pick<Corner, 'spot'>,
	check: CheckId
): readonly MeasurableLengthName[] {
	return MEASURABLE_PARTS[corner.spot.posture][check];
}

/** Standard deviation in mm of each measurable length as it stands in the document. */
export function measurableSd(corner: Corner, body: Body, name: MeasurableLengthName): number {
	return name === 'seat' || name === 'surface' || name === 'thickness'
		? METHOD_SD[corner.spot.by]
		: body[name].sd;
}

function smallPartSd(corner: Corner, check: CheckId): number {
	if (check === 'eye') return SMALL_PART_SD;
	return check === 'elbow' && !forearmsOnSurface(corner) ? SMALL_PART_SD : 0;
}

/** What each soft thing under a person adds to the sd of every check that the seat bears on, mm: it gives as it likes. Our assumption. */
export const SOFT_ITEM_SD = 10;

/**
 * Standard deviation of a check's value in mm: root of the summed squares of its parts' (independent errors).
 *
 * @param softs soft things under the person
 * @param sdOf gives the sd of one length; pass another to ask "what if that one were measured better"
 */
export function checkSd(
	corner: Corner,
	check: CheckId,
	sdOf: (name: MeasurableLengthName) => number,
	softs = 0
): number {
	return Math.hypot(
		smallPartSd(corner, check),
		SOFT_ITEM_SD * Math.sqrt(softs),
		...measurableParts(corner, check).map(sdOf)
	);
}
