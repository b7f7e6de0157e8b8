import {
	mayHaveFootBar,
	SEAT_RULES,
	type Corner,
	type MeasuredBody,
	type MeasuredLength,
	type Range,
	type SittingStyle
} from '../corner';
import { REGIONS, type Region } from '../discomfort';
import type { LengthUnit } from '../length';
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

/** A corner made of answers, or null with what is missing or can't be read, in the order of the pages. */
export interface CornerFromAnswers {
	readonly corner: Corner | null;
	readonly issues: readonly FieldIssue[];
}

/** Reads lengths one after the other and keeps what was wrong. */
class Reader {
	readonly issues: FieldIssue[] = [];
	/** Whether a length of the furniture was stood in for. */
	guessed = false;

	constructor(
		private readonly answers: Answers,
		private readonly unit: LengthUnit
	) {}

	/** A length that is there, or that a usual one stands in for unless nothing can be given without it. */
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
		// A usual end gives way to what was measured: it must never stand on the wrong side of it.
		const range: Range = [
			lowest ?? Math.min(defaultLength(low, this.answers), now, highest ?? Infinity),
			highest ?? Math.max(defaultLength(high, this.answers), now, lowest ?? -Infinity)
		];
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

/** The height as it is set of what moves. */
const HEIGHT_OF: Readonly<Record<AdjustableFurniture, LengthFieldName>> = {
	surface: 'surfaceHeight',
	seat: 'seatHeight',
	screen: 'topAboveBase'
};

/** From so much on a region counts as sore: 0 to 10. */
const SORE_FROM = 4;

/** What hurts so much that heights which bear on it count double. */
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
		return mm === null ? [] : [[name, { mm, by }]];
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
 * Makes a corner document of the answers of a self-assessment. Body lengths may be missing: they are estimated, and
 * said to be. Everything else must be there.
 *
 * @param way the way of sitting that the round was sent with
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
	// One method is shown for all of the spot: a length that was stood in for makes it a guess.
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
