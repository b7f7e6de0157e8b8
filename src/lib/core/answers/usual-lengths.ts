import { LENGTH_FIELDS, type Answers, type LengthFieldName } from './fields';

/** What stands in for a length that is not known, mm: what most homes have. Working assumptions of ours. */
const USUAL: Readonly<Partial<Record<LengthFieldName, number>>> = {
	surfaceHeight: 740,
	surfaceLow: 650,
	surfaceHigh: 1200,
	seatHeight: 450,
	seatLow: 420,
	seatHigh: 520,
	armrestHeight: 220,
	topAboveBase: 220,
	visibleHeight: 190,
	baseLong: 325,
	baseShort: 225,
	screenLow: 350,
	screenHigh: 500,
	distance: 550
};

/** A standing surface is higher than a table: a kitchen worktop, mm. Common practice. */
const STANDING_SURFACE_MM = 920;

/** Whether a length of the furniture can be stood in for; the person's own are estimated from stature instead. */
export function isStoodInFor(name: LengthFieldName): boolean {
	return USUAL[name] !== undefined || LENGTH_FIELDS[name].start !== null;
}

/** Whether a length may be said not to be measurable now: those of the furniture that have no starting value. */
export function canBeLeftOpen(name: string): name is LengthFieldName {
	return Object.hasOwn(USUAL, name);
}

/** Name of the field that says that a length can't be measured now: a usual one stands in, and is said to. */
export function cantField(length: string): string {
	return `cant.${length}`;
}

/** Whether a length was said not to be measurable now. */
export function isLeftOpen(answers: Answers, name: LengthFieldName): boolean {
	return canBeLeftOpen(name) && answers[cantField(name)] === 'yes';
}

/** Lengths of the furniture that usual ones stand in for. */
export function lengthsStoodInFor(answers: Answers): LengthFieldName[] {
	return (Object.keys(LENGTH_FIELDS) as LengthFieldName[]).filter((name) => isLeftOpen(answers, name));
}

/** What stands in for a length, mm. @throws RangeError for one of the person's own */
export function usualLength(name: LengthFieldName, posture: 'sitting' | 'standing'): number {
	if (name === 'surfaceHeight' && posture === 'standing') return STANDING_SURFACE_MM;
	const mm = USUAL[name] ?? LENGTH_FIELDS[name].start;
	if (mm === null) throw new RangeError(`Nothing stands in for ${name}`);
	return mm;
}
