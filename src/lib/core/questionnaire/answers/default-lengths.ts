import {
	chosenOption,
	isFieldAnswered,
	LENGTH_FIELDS,
	SCREEN_SIZES,
	type Answers,
	type LengthFieldName
} from './fields';

/** What stands in for an unknown length, mm: the value in most homes. Our working assumptions. */
const USUAL: Readonly<Partial<Record<LengthFieldName, number>>> = {
	surfaceHeight: 740,
	surfaceLow: 650,
	surfaceHigh: 1200,
	seatHeight: 450,
	seatLow: 420,
	seatHigh: 520,
	armrestHeight: 220,
	footBarHeight: 250,
	trayHeight: 650,
	screenLow: 350,
	screenHigh: 500,
	distance: 550
};

type ScreenSize = (typeof SCREEN_SIZES)['laptop' | 'monitor'][number];
type ScreenLength = 'topAboveBase' | 'visibleHeight' | 'baseLong' | 'baseShort';

/** Screen lengths by advertised size, mm: a laptop opened as used, a monitor on its stand at its lowest. Our working assumptions. */
const BY_SIZE: Readonly<Record<ScreenSize, Readonly<Record<ScreenLength, number>>>> = {
	'13': { topAboveBase: 195, visibleHeight: 179, baseLong: 300, baseShort: 212 },
	'14': { topAboveBase: 208, visibleHeight: 188, baseLong: 315, baseShort: 222 },
	'16': { topAboveBase: 225, visibleHeight: 205, baseLong: 357, baseShort: 242 },
	'17': { topAboveBase: 240, visibleHeight: 215, baseLong: 395, baseShort: 265 },
	'22': { topAboveBase: 400, visibleHeight: 274, baseLong: 230, baseShort: 190 },
	'24': { topAboveBase: 430, visibleHeight: 299, baseLong: 240, baseShort: 200 },
	'27': { topAboveBase: 470, visibleHeight: 336, baseLong: 260, baseShort: 210 },
	'32': { topAboveBase: 520, visibleHeight: 398, baseLong: 300, baseShort: 240 }
};

/** The size assumed where none was given. */
const USUAL_SIZE = { laptop: '14', monitor: '24' } as const;

/** A standing surface is higher than a table: a kitchen worktop, mm. Common practice. */
const STANDING_SURFACE_MM = 920;

/** Screen lengths that follow from its size. */
const SIZED: ReadonlySet<LengthFieldName> = new Set([
	'topAboveBase',
	'visibleHeight',
	'baseLong',
	'baseShort'
] satisfies ScreenLength[]);

/** Whether a furniture length has a default; body lengths are estimated from stature instead. */
export function hasDefaultLength(name: LengthFieldName): boolean {
	return USUAL[name] !== undefined || SIZED.has(name) || LENGTH_FIELDS[name].start !== null;
}

/** Whether a length may be marked as impossible to measure now: furniture lengths without a starting value. */
export function mayStayUnmeasured(name: string): name is LengthFieldName {
	return Object.hasOwn(USUAL, name) || SIZED.has(name as LengthFieldName);
}

/** Name of the field that marks a length as impossible to measure now: a default stands in, and is shown as one. */
export function cannotMeasureField(length: string): string {
	return `cant.${length}`;
}

/** Whether a length was marked as impossible to measure now. */
export function isMarkedUnmeasured(answers: Answers, name: LengthFieldName): boolean {
	return mayStayUnmeasured(name) && answers[cannotMeasureField(name)] === 'yes';
}

/**
 * Whether no result can be given before this length is typed or marked as impossible to measure. Any other furniture length may be left
 * out: a default counts until someone measures.
 */
export function isRequiredLength(name: LengthFieldName, answers: Answers): boolean {
	if (name === 'topAboveBase') return chosenOption(answers, 'screenKind') === 'monitor';
	return name === 'stature' || name === 'surfaceHeight' || name === 'seatHeight';
}

/** Adjustable furniture: the field of its current height, and whether it can be adjusted at all. */
const RANGES = {
	surface: { moves: 'surfaceMoves', low: 'surfaceLow', high: 'surfaceHigh' },
	seat: { moves: 'seatMoves', low: 'seatLow', high: 'seatHigh' },
	screen: { moves: 'screenMoves', low: 'screenLow', high: 'screenHigh' }
} as const;

/** Furniture that may be adjustable. */
export type AdjustableFurniture = keyof typeof RANGES;

/** The fields for the lowest and highest setting of adjustable furniture. */
export function adjustmentRangeFields(of: AdjustableFurniture): (typeof RANGES)[AdjustableFurniture] {
	return RANGES[of];
}

/**
 * Furniture lengths that the result rests on by default: those marked as impossible to measure, and unmeasured ends of an adjustment range.
 */
export function assumedLengths(answers: Answers): LengthFieldName[] {
	const ends = Object.values(RANGES).flatMap(({ moves, low, high }) =>
		chosenOption(answers, moves) === 'yes' ? [low, high] : []
	);
	const sitting = chosenOption(answers, 'posture') === 'sitting';
	return (Object.keys(LENGTH_FIELDS) as LengthFieldName[]).filter(
		(name) =>
			isMarkedUnmeasured(answers, name) ||
			(ends.some((end) => end === name) &&
				!isFieldAnswered(answers, name) &&
				(sitting || !name.startsWith('seat')) &&
				(!name.startsWith('screen') || chosenOption(answers, 'screenKind') === 'monitor'))
	);
}

/**
 * The default for a length, mm.
 * @throws RangeError for a body length
 */
export function defaultLength(name: LengthFieldName, answers: Answers): number {
	if (name === 'surfaceHeight' && chosenOption(answers, 'posture') === 'standing') return STANDING_SURFACE_MM;
	if (SIZED.has(name)) {
		const kind = chosenOption(answers, 'screenKind');
		const sizes: readonly string[] = SCREEN_SIZES[kind];
		const given = chosenOption(answers, 'screenSize');
		return BY_SIZE[sizes.includes(given) ? (given as ScreenSize) : USUAL_SIZE[kind]][name as ScreenLength];
	}
	const mm = USUAL[name] ?? LENGTH_FIELDS[name].start;
	if (mm === null) throw new RangeError(`Nothing stands in for ${name}`);
	return mm;
}
