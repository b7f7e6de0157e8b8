import { METHOD_SD, SMALL_PART_SD } from '../../body/method-uncertainty';
import type { Body } from '../../body/body-length';
import type { BodyLengthName } from '../corner/vocabulary';
import type { Corner } from '../corner/corner';
import { forearmsOnSurface } from '../../body/guidance/sitting-styles';
import type { CheckId } from './check-values';

/** A length that a tape measurement makes more certain. */
export type MeasurableLengthName = BodyLengthName | 'seat' | 'surface' | 'thickness';

/** Order of precedence where two are equally useful: as in the document's `body`, then the furniture. */
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

/** The uncertain lengths that each check depends on, besides the small parts. */
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

/** The lengths a check depends on that could be measured by tape. */
export function measurableParts(
	corner: Pick<Corner, 'spot'>,
	check: CheckId
): readonly MeasurableLengthName[] {
	return MEASURABLE_PARTS[corner.spot.posture][check];
}

/** Standard deviation in mm of each measurable length as it is now in the document. */
export function measurableSd(corner: Corner, body: Body, name: MeasurableLengthName): number {
	return name === 'seat' || name === 'surface' || name === 'thickness'
		? METHOD_SD[corner.spot.by]
		: body[name].sd;
}

function smallPartSd(corner: Corner, check: CheckId): number {
	if (check === 'eye') return SMALL_PART_SD;
	return check === 'elbow' && !forearmsOnSurface(corner) ? SMALL_PART_SD : 0;
}

/**
 * Contribution of each soft item under a person to the sd of every check that depends on the seat, mm: how far it compresses is uncertain.
 * Our assumption.
 */
const SOFT_ITEM_SD = 10;

/**
 * Standard deviation of a check's value in mm: the root of the summed squares of its parts (independent errors).
 * @param softs number of soft items under the person
 * @param sdOf gives the sd of one length; pass another one to ask "what if that were measured better"
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
