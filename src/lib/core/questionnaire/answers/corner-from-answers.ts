import { mayHaveFootBar, SEAT_RULES } from '../../workstation/corner/seat-kinds';
import type { Corner, MeasuredBody, MeasuredLength, Range } from '../../workstation/corner/corner';
import type { SittingStyle } from '../../workstation/corner/vocabulary';
import { REGIONS, type Region } from '../../cases/discomfort/regions';
import type { LengthUnit } from '../../body/length/mm';
import { photoLengthOf } from './photo-answers';
import { precautionsOf } from './precaution-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import {
	BODY_FIELDS,
	bodyMethodOf,
	chosenOption,
	isFieldAnswered,
	LENGTH_FIELDS,
	unitOf,
	type Answers,
	type LengthFieldName
} from './fields';
import { handsFromAnswers } from './hands-from-answers';
import { readLengthField, type FieldIssue } from './read-length-field';
import {
	isMarkedUnmeasured,
	isRequiredLength,
	hasDefaultLength,
	adjustmentRangeFields,
	defaultLength,
	type AdjustableFurniture
} from './default-lengths';
import { householdOf } from './household-things';

/** A workstation made from answers, or null with what is missing or unreadable, in page order. */
export interface CornerFromAnswers {
	readonly corner: Corner | null;
	readonly issues: readonly FieldIssue[];
}

/** Reads lengths one by one and collects the errors. */
class Reader {
	readonly issues: FieldIssue[] = [];
	/** Whether a default stood in for a furniture length. */
	guessed = false;

	constructor(
		private readonly answers: Answers,
		private readonly unit: LengthUnit
	) {}

	/** A required length; a default stands in unless the length is one that nothing works without. */
	length(name: LengthFieldName): number {
		const field = LENGTH_FIELDS[name];
		const text = this.answers[name];
		if (isMarkedUnmeasured(this.answers, name)) {
			this.guessed ||= isRequiredLength(name, this.answers);
			return defaultLength(name, this.answers);
		}
		if (
			!isFieldAnswered(this.answers, name) &&
			hasDefaultLength(name) &&
			!isRequiredLength(name, this.answers)
		)
			return defaultLength(name, this.answers);
		const read = readLengthField(name, text, this.unit, field);
		if (read.ok) return read.mm;
		this.issues.push(read.issue);
		return 0;
	}

	/** A length that may be left out. */
	optional(name: LengthFieldName): number | null {
		if (!isFieldAnswered(this.answers, name)) return null;
		const read = readLengthField(name, this.answers[name], this.unit, LENGTH_FIELDS[name]);
		if (read.ok) return read.mm;
		this.issues.push(read.issue);
		return null;
	}

	/** @param now as it is set: within the range, where an end of that was not measured */
	range(of: AdjustableFurniture, now: number): Range {
		const { low, high } = adjustmentRangeFields(of);
		const measured = (name: LengthFieldName) =>
			isFieldAnswered(this.answers, name) && !isMarkedUnmeasured(this.answers, name)
				? this.length(name)
				: null;
		const [lowest, highest] = [measured(low), measured(high)];
		// A default end gives way to the measured height: it must never lie on the wrong side of it.
		const usual: Range = [defaultLength(low, this.answers), defaultLength(high, this.answers)];
		const range = withRoom(
			[
				lowest ?? Math.min(usual[0], now, highest ?? Infinity),
				highest ?? Math.max(usual[1], now, lowest ?? -Infinity)
			],
			{ isLowKnown: lowest !== null, isHighKnown: highest !== null },
			{ spanMm: usual[1] - usual[0], bounds: LENGTH_FIELDS[low].bounds }
		);
		const read = !this.issues.some(({ field }) => field === low || field === high);
		if (read && range[0] > range[1]) this.issues.push({ field: high, code: 'range-order', readMm: range[1] });
		else if (
			read &&
			(now < range[0] || now > range[1]) &&
			!this.issues.some(({ field }) => field === HEIGHT_OF[of])
		)
			this.issues.push({ field: HEIGHT_OF[of], code: 'outside-range', readMm: now });
		return range;
	}
}

/**
 * A range with room to move: furniture that moves, and stands at its one known end, goes from there as far as such furniture usually does. A
 * range that is a point would be planned as if it didn't move.
 */
function withRoom(
	[low, high]: Range,
	{ isLowKnown, isHighKnown }: { readonly isLowKnown: boolean; readonly isHighKnown: boolean },
	{ spanMm, bounds: [least, most] }: { readonly spanMm: number; readonly bounds: readonly [number, number] }
): Range {
	if (low < high || (isLowKnown && isHighKnown)) return [low, high];
	return isHighKnown ? [Math.max(least, high - spanMm), high] : [low, Math.min(most, low + spanMm)];
}

/** The field with the current height of adjustable furniture. */
const HEIGHT_OF: Readonly<Record<AdjustableFurniture, LengthFieldName>> = {
	surface: 'surfaceHeight',
	seat: 'seatHeight',
	screen: 'topAboveBase'
};

/** From this intensity on, 0 to 10, a region counts as sore. */
const SORE_FROM = 4;

/** The sore regions: heights that bear on them count double. */
function soreOf(answers: Answers): Region[] {
	const { reports } = discomfortFromAnswers(answers);
	const sore = (reports ?? []).filter(({ worst }) => worst >= SORE_FROM).map(({ region }) => region);
	return REGIONS.filter((region) => sore.includes(region));
}

function personOf(answers: Answers, reader: Reader): Corner['person'] {
	const care = precautionsOf(answers);
	const sore = soreOf(answers);
	return {
		stature: reader.length('stature'),
		sex: chosenOption(answers, 'sex'),
		heel: reader.length('heel'),
		...handsFromAnswers(answers),
		...(care.length > 0 ? { care } : {}),
		...(sore.length > 0 ? { sore } : {}),
		lenses: chosenOption(answers, 'lenses'),
		back: chosenOption(answers, 'back'),
		wrists: chosenOption(answers, 'wrists')
	};
}

function seatOf(answers: Answers, reader: Reader): Corner['spot']['seat'] {
	const kind = chosenOption(answers, 'seatKind');
	const { isSet, hasBack, hasArmrests } = SEAT_RULES[kind];
	const height = reader.length('seatHeight');
	const range = isSet && chosenOption(answers, 'seatMoves') === 'yes' ? reader.range('seat', height) : null;
	const back = hasBack
		? { depth: reader.length('seatDepth'), backrest: chosenOption(answers, 'backrest') === 'yes' }
		: {};
	return {
		kind,
		height,
		give: reader.length('seatGive'),
		...(isSet ? { range } : {}),
		...back,
		lumbar: hasBack && chosenOption(answers, 'lumbar') === 'yes',
		armrest:
			hasArmrests && chosenOption(answers, 'armrest') === 'yes' ? reader.length('armrestHeight') : null,
		castors: chosenOption(answers, 'castors') === 'yes',
		...(mayHaveFootBar(kind) && chosenOption(answers, 'footBar') === 'yes'
			? { footBar: reader.length('footBarHeight') }
			: {})
	};
}

function bodyOf(answers: Answers, reader: Reader): MeasuredBody {
	const by = bodyMethodOf(answers);
	const names = BODY_FIELDS[chosenOption(answers, 'posture')];
	const measured = names.flatMap((name): [string, MeasuredLength][] => {
		const mm = reader.optional(name);
		return mm === null ? [] : [[name, photoLengthOf(answers, name, mm) ?? { mm, by }]];
	});
	return Object.fromEntries(measured);
}

function screenOf(answers: Answers, reader: Reader): Pick<Corner['spot'], 'screen' | 'keys' | 'mouse'> {
	const kind = chosenOption(answers, 'screenKind');
	const builtIn = kind === 'laptop' && chosenOption(answers, 'keysKind') === 'built-in';
	const base = [reader.length('baseLong'), reader.length('baseShort')] as const;
	const topAboveBase = reader.length('topAboveBase');
	return {
		screen: {
			kind,
			topAboveBase,
			visibleHeight: reader.length('visibleHeight'),
			base,
			range:
				kind === 'monitor' && chosenOption(answers, 'screenMoves') === 'yes'
					? reader.range('screen', topAboveBase)
					: null,
			distance: reader.length('distance')
		},
		keys: {
			kind: builtIn ? 'built-in' : 'separate',
			homeRow: reader.length('homeRow'),
			base: builtIn ? base : [reader.length('keysLong'), reader.length('keysShort')],
			...(!builtIn && chosenOption(answers, 'tray') === 'yes'
				? { tray: { height: reader.length('trayHeight'), thickness: reader.length('trayThickness') } }
				: {})
		},
		mouse: chosenOption(answers, 'mouse')
	};
}

/**
 * Makes a workstation document from the answers of a self-assessment. Body lengths may be missing: they are estimated and marked as such.
 * Everything else must be there.
 * @param way the sitting style that the round was sent with
 */
export function cornerFromAnswers(answers: Answers, way: SittingStyle): CornerFromAnswers {
	const unit = unitOf(answers);
	const reader = new Reader(answers, unit);
	const posture = chosenOption(answers, 'posture');
	const person = personOf(answers, reader);
	const surfaceHeight = reader.length('surfaceHeight');
	const surface = {
		kind: chosenOption(answers, 'surfaceKind'),
		height: surfaceHeight,
		thickness: reader.length('surfaceThickness'),
		depth: reader.length('surfaceDepth'),
		range: chosenOption(answers, 'surfaceMoves') === 'yes' ? reader.range('surface', surfaceHeight) : null
	};
	const seat = posture === 'sitting' ? seatOf(answers, reader) : null;
	const body = bodyOf(answers, reader);
	const screen = screenOf(answers, reader);
	const { items, issues } = householdOf(answers, unit);
	const all = [...reader.issues, ...issues];
	if (all.length > 0) return { corner: null, issues: all };
	// One method is shown for the whole workstation: a single default makes it a guess.
	const by = reader.guessed ? ('guess' as const) : chosenOption(answers, 'by');
	const spot = { posture, by, surface, seat, ...screen };
	return {
		corner: {
			format: 'easy-corner.corner/3',
			person,
			body,
			way,
			spot,
			household: items
		},
		issues: []
	};
}
