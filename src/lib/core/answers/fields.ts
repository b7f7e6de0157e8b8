import { CORNER_BOUNDS, type BodyLengthName } from '../corner';

/** Answers as they were typed or chosen: field name to text. Nothing is read into them until a corner is made. */
export type Answers = Readonly<Record<string, string>>;

/** Pages of the self-assessment that hold answers, in order, from the person to the house. */
export const PAGES = ['you', 'surface', 'seat', 'body', 'screen', 'house'] as const;

/** One page; see {@link PAGES}. */
export type Page = (typeof PAGES)[number];

/** A length that is typed. */
export interface LengthField {
	readonly page: Page;
	/** Refused outside, mm: the bounds of the corner document. */
	readonly bounds: readonly [number, number];
	/** Asked about outside, mm: where nearly all homes and people lie. Working assumptions of ours. */
	readonly usual: readonly [number, number];
	/** Shown as a starting value, mm, where most people's is near it; null where it must be measured. */
	readonly start: number | null;
}

const B = CORNER_BOUNDS;

/** Every length that is typed, but for the household's. */
export const LENGTH_FIELDS = {
	stature: { page: 'you', bounds: B.stature, usual: [1400, 2100], start: null },
	heel: { page: 'you', bounds: B.heel, usual: [0, 60], start: 15 },
	surfaceHeight: { page: 'surface', bounds: B.surfaceHeight, usual: [600, 1150], start: null },
	surfaceThickness: { page: 'surface', bounds: B.surfaceThickness, usual: [10, 120], start: 30 },
	surfaceDepth: { page: 'surface', bounds: B.surfaceDepth, usual: [350, 1200], start: 750 },
	surfaceLow: { page: 'surface', bounds: B.surfaceHeight, usual: [500, 1100], start: null },
	surfaceHigh: { page: 'surface', bounds: B.surfaceHeight, usual: [600, 1350], start: null },
	seatHeight: { page: 'seat', bounds: B.seatHeight, usual: [350, 850], start: null },
	seatGive: { page: 'seat', bounds: B.seatGive, usual: [0, 90], start: 10 },
	seatDepth: { page: 'seat', bounds: B.seatDepth, usual: [330, 560], start: 420 },
	seatLow: { page: 'seat', bounds: B.seatHeight, usual: [350, 600], start: null },
	seatHigh: { page: 'seat', bounds: B.seatHeight, usual: [400, 850], start: null },
	armrestHeight: { page: 'seat', bounds: B.armrest, usual: [120, 350], start: null },
	popliteal: { page: 'body', bounds: B.bodyLength, usual: [320, 560], start: null },
	sittingElbow: { page: 'body', bounds: B.bodyLength, usual: [130, 340], start: null },
	sittingEye: { page: 'body', bounds: B.bodyLength, usual: [600, 930], start: null },
	thigh: { page: 'body', bounds: B.bodyLength, usual: [90, 240], start: null },
	buttockPopliteal: { page: 'body', bounds: B.bodyLength, usual: [370, 620], start: null },
	standingElbow: { page: 'body', bounds: B.bodyLength, usual: [780, 1350], start: null },
	standingEye: { page: 'body', bounds: B.bodyLength, usual: [1250, 2000], start: null },
	topAboveBase: { page: 'screen', bounds: B.topAboveBase, usual: [130, 750], start: null },
	visibleHeight: { page: 'screen', bounds: B.visibleHeight, usual: [130, 500], start: null },
	baseLong: { page: 'screen', bounds: B.side, usual: [150, 450], start: null },
	baseShort: { page: 'screen', bounds: B.side, usual: [100, 350], start: null },
	screenLow: { page: 'screen', bounds: B.topAboveBase, usual: [200, 700], start: null },
	screenHigh: { page: 'screen', bounds: B.topAboveBase, usual: [250, 900], start: null },
	distance: { page: 'screen', bounds: B.distance, usual: [300, 1100], start: null },
	homeRow: { page: 'screen', bounds: B.homeRow, usual: [8, 50], start: 20 },
	keysLong: { page: 'screen', bounds: B.side, usual: [240, 520], start: 440 },
	keysShort: { page: 'screen', bounds: B.side, usual: [80, 260], start: 130 }
} as const satisfies Record<string, LengthField>;

/** Name of a typed length. */
export type LengthFieldName = keyof typeof LENGTH_FIELDS;

/** The answers that are chosen from a list, with the one taken where nothing has been chosen yet. */
export const CHOICE_FIELDS = {
	unit: { page: 'you', options: ['cm', 'in', 'mm'] },
	sex: { page: 'you', options: ['unstated', 'female', 'male'] },
	hand: { page: 'you', options: ['right', 'left'] },
	lenses: { page: 'you', options: ['none', 'single-vision', 'bifocal', 'progressive', 'trifocal'] },
	back: { page: 'you', options: ['any', 'eased-by-arching', 'eased-by-rounding'] },
	wrists: { page: 'you', options: ['well', 'troubled'] },
	drawnAs: { page: 'you', options: ['standard', 'wheelchair', 'without-near-arm', 'without-near-leg'] },
	posture: { page: 'surface', options: ['sitting', 'standing'] },
	by: { page: 'surface', options: ['tape', 'paper-ruler', 'a4-sheets', 'hand-span', 'guess'] },
	surfaceMoves: { page: 'surface', options: ['no', 'yes'] },
	seatMoves: { page: 'seat', options: ['no', 'yes'] },
	backrest: { page: 'seat', options: ['yes', 'no'] },
	lumbar: { page: 'seat', options: ['no', 'yes'] },
	armrest: { page: 'seat', options: ['no', 'yes'] },
	castors: { page: 'seat', options: ['no', 'yes'] },
	bodyBy: { page: 'body', options: ['tape', 'paper-ruler', 'a4-sheets', 'hand-span', 'guess'] },
	screenKind: { page: 'screen', options: ['laptop', 'monitor'] },
	screenMoves: { page: 'screen', options: ['no', 'yes'] },
	keysKind: { page: 'screen', options: ['separate', 'built-in'] },
	mouse: { page: 'screen', options: ['separate', 'touchpad'] }
} as const satisfies Record<string, { page: Page; options: readonly [string, ...string[]] }>;

/** Name of a chosen answer. */
export type ChoiceFieldName = keyof typeof CHOICE_FIELDS;

/** Most kinds of things that one person lists. */
export const MOST_THINGS = 40;

/** What is typed of one thing in the house. */
export const THING_PARTS = ['kind', 'label', 'a', 'b', 'c', 'count'] as const;

/** Name of one part of one thing: `thing.3.label`. */
export function thingField(index: number, part: (typeof THING_PARTS)[number]): string {
	return `thing.${index}.${part}`;
}

/** Pattern of every field name there is; anything else is refused at the door. */
export const FIELD_NAME_PATTERN = `^(?:${[...Object.keys(LENGTH_FIELDS), ...Object.keys(CHOICE_FIELDS)].join('|')}|thing\\.(?:[0-9]|[123][0-9])\\.(?:${THING_PARTS.join('|')}))$`;

/** Body lengths that are asked for, by posture, from the floor up. */
export const BODY_FIELDS = {
	sitting: ['popliteal', 'thigh', 'sittingElbow', 'sittingEye', 'buttockPopliteal'],
	standing: ['standingElbow', 'standingEye']
} as const satisfies Record<'sitting' | 'standing', readonly BodyLengthName[]>;

type Option<N extends ChoiceFieldName> = (typeof CHOICE_FIELDS)[N]['options'][number];

/** What was chosen, or the first option where nothing (or nothing known) was. */
export function choiceOf<N extends ChoiceFieldName>(answers: Answers, name: N): Option<N> {
	const options: readonly Option<N>[] = CHOICE_FIELDS[name].options;
	const chosen = options.find((option) => option === answers[name]) ?? options[0];
	if (chosen === undefined) throw new RangeError(`${name} has no options`);
	return chosen;
}

/** The unit that lengths were typed in. */
export function unitOf(answers: Answers): 'cm' | 'in' | 'mm' {
	return choiceOf(answers, 'unit');
}
