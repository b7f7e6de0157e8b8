import type { BodyLengthName, BodyMeasuringMethod } from '../workstation/corner/vocabulary';
import type { Corner, MeasuredBody, Person } from '../workstation/corner/corner';
import { bodyMethodSd } from './method-uncertainty';
import { BODYSPACE, CORRELATION_WITH_STATURE, type ReachLengthName } from './proportions';
import { estimateFromStature } from './estimate-from-stature';

/** A body length as the checks use it. */
export interface BodyLength {
	readonly mm: number;
	/** Standard deviation, mm. */
	readonly sd: number;
	readonly from: BodyMeasuringMethod | 'estimate';
}

/** Body lengths needed by a posture; seat depth is checked while sitting, so its length is among them. */
export const LENGTHS_BY_POSTURE = {
	sitting: ['popliteal', 'sittingElbow', 'sittingEye', 'thigh', 'buttockPopliteal'],
	standing: ['standingElbow', 'standingEye']
} as const satisfies Record<Corner['spot']['posture'], readonly BodyLengthName[]>;

/** Body lengths for one posture, measured or estimated. */
export type Body = Readonly<Record<BodyLengthName, BodyLength>>;

/** A length estimated from stature: one the checks use, or one used only for reach and drawing. */
export type EstimatedLengthName = BodyLengthName | ReachLengthName;

/**
 * Estimates a body length from stature: the proportion of the means of the sex, rounded to the mm, with the sd that remains ({@link
 * estimateFromStature}). For `unstated`, the mean of both sexes and the larger sd.
 * @param person stature in mm without shoes, and the sex whose proportions to use
 */
export function estimateBodyLength(
	person: Pick<Person, 'stature' | 'sex'>,
	name: EstimatedLengthName
): BodyLength {
	const sexes = person.sex === 'unstated' ? (['female', 'male'] as const) : ([person.sex] as const);
	const told = sexes.map((sex) => {
		const of = BODYSPACE[sex];
		return estimateFromStature(person.stature, of[name], of.stature.mean, CORRELATION_WITH_STATURE[name]);
	});
	return {
		mm: Math.round(told.reduce((sum, { mm }) => sum + mm, 0) / told.length),
		sd: Math.max(...told.map(({ sd }) => sd)),
		from: 'estimate'
	};
}

/** A body length: measured if it was, otherwise estimated from stature. */
function bodyLength(person: Person, measured: MeasuredBody, name: BodyLengthName): BodyLength {
	const taken = measured[name];
	if (!taken) return estimateBodyLength(person, name);
	return { mm: taken.mm, sd: taken.by === 'photo' ? taken.sd : bodyMethodSd(taken.by), from: taken.by };
}

/** All body lengths of a workstation document. */
export function bodyOf(corner: Pick<Corner, 'person' | 'body'>): Body {
	const of = (name: BodyLengthName) => bodyLength(corner.person, corner.body, name);
	return {
		popliteal: of('popliteal'),
		sittingElbow: of('sittingElbow'),
		sittingEye: of('sittingEye'),
		thigh: of('thigh'),
		buttockPopliteal: of('buttockPopliteal'),
		standingElbow: of('standingElbow'),
		standingEye: of('standingEye')
	};
}
