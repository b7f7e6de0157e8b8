import {
	chosenOption,
	isFieldAnswered,
	LENGTH_FIELDS,
	SCREEN_SIZES,
	type Answers,
	type LengthFieldName
} from './fields';

/** What stands in for a length that is not known, mm: what most homes have. Our working assumptions. */
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

/**
 * Lengths of a screen by the size that it is sold by, mm: a laptop opened as it is used, a monitor on its foot at its lowest. Working
 * our assumptions.
 */
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

/** The size that counts where none was given. */
const USUAL_SIZE = { laptop: '14', monitor: '24' } as const;

/** A standing surface is higher than a table: a kitchen worktop, mm. Common practice. */
const STANDING_SURFACE_MM = 920;

/** Lengths of the screen that its size tells. */
const SIZED: ReadonlySet<LengthFieldName> = new Set([
	'topAboveBase',
	'visibleHeight',
	'baseLong',
	'baseShort'
] satisfies ScreenLength[]);

/** Whether a length of the furniture can be stood in for; the person's own are estimated from stature instead. */
export function hasDefaultLength(name: LengthFieldName): boolean {
	return USUAL[name] !== undefined || SIZED.has(name) || LENGTH_FIELDS[name].start !== null;
}

/** Whether a length may be said not to be measurable now: those of the furniture that have no starting value. */
export function mayStayUnmeasured(name: string): name is LengthFieldName {
	return Object.hasOwn(USUAL, name) || SIZED.has(name as LengthFieldName);
}

/** Name of the field that says that a length can't be measured now: a usual one stands in, and is said to. */
export function cannotMeasureField(length: string): string {
	return `cant.${length}`;
}

/** Whether a length was said not to be measurable now. */
export function isMarkedUnmeasured(answers: Answers, name: LengthFieldName): boolean {
	return mayStayUnmeasured(name) && answers[cannotMeasureField(name)] === 'yes';
}

/**
 * Whether nothing can be given before this length was typed, or said not to be measurable now. All others of the furniture may be left
 * out: a usual one counts until someone looks closer.
 */
export function isRequiredLength(name: LengthFieldName, answers: Answers): boolean {
	if (name === 'topAboveBase') return chosenOption(answers, 'screenKind') === 'monitor';
	return name === 'stature' || name === 'surfaceHeight' || name === 'seatHeight';
}

/** The heights that a piece of furniture can be set to: its own height's field, and whether it can be set at all. */
const RANGES = {
	surface: { moves: 'surfaceMoves', low: 'surfaceLow', high: 'surfaceHigh' },
	seat: { moves: 'seatMoves', low: 'seatLow', high: 'seatHigh' },
	screen: { moves: 'screenMoves', low: 'screenLow', high: 'screenHigh' }
} as const;

/** Furniture that may be set. */
export type AdjustableFurniture = keyof typeof RANGES;

/** The ends of the heights that furniture can be set to, as fields. */
export function adjustmentRangeFields(of: AdjustableFurniture): (typeof RANGES)[AdjustableFurniture] {
	return RANGES[of];
}

/**
 * Lengths of the furniture that usual ones stand in for and that the result rests on: those said not to be measurable now, and the ends
 * of what can be set where they were not measured.
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

/** What stands in for a length, mm. @throws RangeError for one of the person's own */
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
