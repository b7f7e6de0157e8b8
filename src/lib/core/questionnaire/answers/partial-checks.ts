import { checkCorner, type CheckResult } from '../../workstation/checks/check-corner';
import type { CheckId } from '../../workstation/checks/check-values';
import type { Corner } from '../../workstation/corner/corner';
import type { SittingStyle } from '../../workstation/corner/vocabulary';
import { cornerFromAnswers } from './corner-from-answers';
import { isFieldAnswered, LENGTH_FIELDS, unitOf, type Answers, type LengthFieldName } from './fields';
import { readLengthField } from './read-length-field';
import { isMarkedUnmeasured, isRequiredLength, hasDefaultLength, defaultLength } from './default-lengths';
import { formatLength } from '../../body/length/format-length';

/** A workstation as far as it is known, and the checks that can already be given. */
export interface PartialCorner {
	readonly corner: Corner;
	readonly checks: readonly CheckResult[];
}

/** Lengths without which a check cannot be given. */
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

function isReadable(answers: Answers, name: LengthFieldName): boolean {
	if (isMarkedUnmeasured(answers, name)) return true;
	return readLengthField(name, answers[name], unitOf(answers), LENGTH_FIELDS[name]).ok;
}

/** Whether a check may rely on a length: it was given, or follows from the screen size. */
function isKnown(answers: Answers, name: LengthFieldName): boolean {
	const isSized =
		name === 'topAboveBase' && !isRequiredLength(name, answers) && isFieldAnswered(answers, 'screenSize');
	return isReadable(answers, name) || (isSized && !isFieldAnswered(answers, name));
}

function filledIn(answers: Answers): Answers {
	const unit = unitOf(answers);
	const filled: Record<string, string> = { ...answers };
	for (const name of Object.keys(LENGTH_FIELDS) as LengthFieldName[]) {
		if (isReadable(answers, name)) continue;
		if (!hasDefaultLength(name)) delete filled[name];
		else filled[name] = formatLength(defaultLength(name, answers), unit, { withUnit: false });
	}
	return Object.fromEntries(Object.entries(filled).filter(([name]) => !name.startsWith('thing.')));
}

/**
 * The workstation as far as it is answered, with defaults for what was not asked yet, and the checks that rely on none of these defaults.
 * Null until the stature is known.
 */
export function partialChecks(answers: Answers, way: SittingStyle): PartialCorner | null {
	if (!isReadable(answers, 'stature')) return null;
	const { corner } = cornerFromAnswers(filledIn(answers), way);
	if (!corner) return null;
	const needed = NEEDED[corner.spot.posture];
	const known = (id: CheckId) => needed[id]?.every((name) => isKnown(answers, name)) ?? false;
	return { corner, checks: checkCorner(corner).filter((check) => known(check.id)) };
}
