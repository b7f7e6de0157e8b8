import { checkCorner, type CheckId, type CheckResult } from '../checks';
import type { Corner, Way } from '../corner';
import { cornerFromAnswers } from './corner-from-answers';
import { choiceOf, LENGTH_FIELDS, unitOf, type Answers, type LengthFieldName } from './fields';
import { readLength } from './read-length';
import { formatLength } from '../length';

/** A corner as far as it is known, and the checks that can be told by now. */
export interface PartialCorner {
	readonly corner: Corner;
	readonly checks: readonly CheckResult[];
}

/** What stands in for a length that has not been asked yet, so that the rest can be drawn, mm. Working assumptions of ours. */
const STAND_IN: Readonly<Partial<Record<LengthFieldName, number>>> = {
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

/** Without these lengths a check can't be told. */
const NEEDED: Readonly<
	Record<'sitting' | 'standing', Readonly<Partial<Record<CheckId, readonly LengthFieldName[]>>>>
> = {
	sitting: {
		knee: ['seatHeight'],
		elbow: ['seatHeight', 'surfaceHeight'],
		thigh: ['seatHeight', 'surfaceHeight'],
		eye: ['seatHeight', 'surfaceHeight', 'topAboveBase']
	},
	standing: { elbow: ['surfaceHeight'], eye: ['surfaceHeight', 'topAboveBase'] }
};

/** A standing surface is higher than a table. */
const STANDING_SURFACE_MM = 920;

function isReadable(answers: Answers, name: LengthFieldName): boolean {
	return readLength(name, answers[name], unitOf(answers), LENGTH_FIELDS[name]).ok;
}

function filledIn(answers: Answers): Answers {
	const unit = unitOf(answers);
	const filled: Record<string, string> = { ...answers };
	for (const name of Object.keys(LENGTH_FIELDS) as LengthFieldName[]) {
		if (isReadable(answers, name)) continue;
		const standing = name === 'surfaceHeight' && choiceOf(answers, 'posture') === 'standing';
		const mm = standing ? STANDING_SURFACE_MM : (STAND_IN[name] ?? LENGTH_FIELDS[name].start);
		if (mm === null || mm === undefined) delete filled[name];
		else filled[name] = formatLength(mm, unit, { withUnit: false });
	}
	return Object.fromEntries(Object.entries(filled).filter(([name]) => !name.startsWith('thing.')));
}

/**
 * The corner as far as the answers tell it, with usual lengths in place of those not asked yet, and the checks that
 * rest on none of these. Null as long as the stature is not known: nothing can be told without it.
 */
export function partialChecks(answers: Answers, way: Way): PartialCorner | null {
	if (!isReadable(answers, 'stature')) return null;
	const { corner } = cornerFromAnswers(filledIn(answers), way);
	if (!corner) return null;
	const needed = NEEDED[corner.spot.posture];
	const known = (id: CheckId) => needed[id]?.every((name) => isReadable(answers, name)) ?? false;
	return { corner, checks: checkCorner(corner).filter((check) => known(check.id)) };
}
