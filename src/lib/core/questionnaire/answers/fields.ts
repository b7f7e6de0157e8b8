import {
	WORKING_ARMS,
	BACK_RELIEF,
	HANDS,
	KEYBOARD_KINDS,
	LENSES,
	MEASURING_METHODS,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SEAT_KINDS,
	SEXES,
	SURFACE_KINDS,
	WRISTS,
	type BodyLengthName,
	type MeasuringMethod
} from '../../workstation/corner/vocabulary';
import { CORNER_BOUNDS } from '../../workstation/corner/corner-bounds';
import { LENGTH_UNITS, type LengthUnit } from '../../body/length/mm';
import { CITY_IDS } from '../../body/light/cities';
import { COMPASS } from '../../body/light/compass';
import { LETTER_SIZES } from '../../body/sight/letter-sizes';
import { DRAWING_STYLES } from '../../workstation/side-view/drawing-style';
import type { QuestionnairePage } from './questionnaire-pages';

/** Answers as typed or chosen: field name to text. They are interpreted only when a workstation is made from them. */
export type Answers = Readonly<Record<string, string>>;

/** Pages about the person at the workstation, as the side view shows it. */
export const SIDE_VIEW_PAGES = [
	'you',
	'spot',
	'feet',
	'back',
	'hands',
	'mouse',
	'screen'
] as const satisfies readonly QuestionnairePage[];

/** Pages whose answers change the drawing of the workstation. */
export const PAGES_WITH_DRAWING: ReadonlySet<QuestionnairePage> = new Set([...SIDE_VIEW_PAGES, 'house']);

/** A length that the person types. */
export interface LengthField {
	readonly page: QuestionnairePage;
	/** Values outside are refused, mm: the limits of the workstation document. */
	readonly bounds: readonly [number, number];
	/** Values outside are queried, mm: the range of nearly all homes and people. Our working assumptions. */
	readonly usual: readonly [number, number];
	/** The starting value where nothing was given, mm, if most people are close to it; null where it must be measured. */
	readonly start: number | null;
	/** Common lengths to choose from instead of measuring, mm. */
	readonly picks?: readonly number[];
}

const B = CORNER_BOUNDS;

/** Every length that is typed, except for household items. */
export const LENGTH_FIELDS = {
	stature: { page: 'you', bounds: B.stature, usual: [1400, 2100], start: null },
	heel: { page: 'you', bounds: B.heel, usual: [0, 60], start: 15, picks: [0, 10, 20, 30] },
	/** Thumb to little finger: used only to count lengths. */
	handSpan: { page: 'you', bounds: [80, 400], usual: [150, 260], start: null },
	surfaceHeight: { page: 'spot', bounds: B.surfaceHeight, usual: [600, 1150], start: null },
	surfaceThickness: {
		page: 'spot',
		bounds: B.surfaceThickness,
		usual: [10, 120],
		start: 30,
		picks: [20, 30, 40, 60]
	},
	surfaceDepth: { page: 'spot', bounds: B.surfaceDepth, usual: [350, 1200], start: 750 },
	surfaceLow: { page: 'spot', bounds: B.surfaceHeight, usual: [500, 1100], start: null },
	surfaceHigh: { page: 'spot', bounds: B.surfaceHeight, usual: [600, 1350], start: null },
	seatHeight: { page: 'feet', bounds: B.seatHeight, usual: [350, 850], start: null },
	seatGive: { page: 'feet', bounds: B.seatGive, usual: [0, 90], start: 10, picks: [0, 10, 30, 60] },
	seatDepth: { page: 'back', bounds: B.seatDepth, usual: [330, 560], start: 420 },
	seatLow: { page: 'feet', bounds: B.seatHeight, usual: [350, 600], start: null },
	seatHigh: { page: 'feet', bounds: B.seatHeight, usual: [400, 850], start: null },
	footBarHeight: { page: 'feet', bounds: B.footBar, usual: [100, 450], start: null },
	trayHeight: { page: 'hands', bounds: B.surfaceHeight, usual: [500, 760], start: null },
	trayThickness: { page: 'hands', bounds: B.trayThickness, usual: [10, 60], start: 20 },
	armrestHeight: { page: 'hands', bounds: B.armrest, usual: [120, 350], start: null },
	popliteal: { page: 'feet', bounds: B.bodyLength, usual: [320, 560], start: null },
	sittingElbow: { page: 'hands', bounds: B.bodyLength, usual: [130, 340], start: null },
	sittingEye: { page: 'screen', bounds: B.bodyLength, usual: [600, 930], start: null },
	thigh: { page: 'feet', bounds: B.bodyLength, usual: [90, 240], start: null },
	buttockPopliteal: { page: 'back', bounds: B.bodyLength, usual: [370, 620], start: null },
	standingElbow: { page: 'hands', bounds: B.bodyLength, usual: [780, 1350], start: null },
	standingEye: { page: 'screen', bounds: B.bodyLength, usual: [1250, 2000], start: null },
	topAboveBase: { page: 'screen', bounds: B.topAboveBase, usual: [130, 750], start: null },
	visibleHeight: { page: 'screen', bounds: B.visibleHeight, usual: [130, 500], start: null },
	baseLong: { page: 'screen', bounds: B.side, usual: [150, 450], start: null },
	baseShort: { page: 'screen', bounds: B.side, usual: [100, 350], start: null },
	screenLow: { page: 'screen', bounds: B.topAboveBase, usual: [200, 700], start: null },
	screenHigh: { page: 'screen', bounds: B.topAboveBase, usual: [250, 900], start: null },
	distance: { page: 'screen', bounds: B.distance, usual: [300, 1100], start: null },
	homeRow: { page: 'hands', bounds: B.homeRow, usual: [8, 50], start: 20 },
	keysLong: { page: 'hands', bounds: B.side, usual: [240, 520], start: 440 },
	keysShort: { page: 'hands', bounds: B.side, usual: [80, 260], start: 130 }
} as const satisfies Record<string, LengthField>;

/** Name of a length field. */
export type LengthFieldName = keyof typeof LENGTH_FIELDS;

/** How lengths of the room and the body can be measured at home; a bank card is for screens only. */
export const HOME_MEASURING_METHODS = MEASURING_METHODS.filter(
	(method): method is Exclude<MeasuringMethod, 'card'> => method !== 'card'
);

/** Advertised screen sizes, inches across the diagonal, by kind. */
export const SCREEN_SIZES = { laptop: ['13', '14', '16', '17'], monitor: ['22', '24', '27', '32'] } as const;

/** How much is asked: only what could change the result, or everything. */
export const QUESTIONNAIRE_MODES = ['short', 'complete'] as const;

/** One of {@link QUESTIONNAIRE_MODES}. */
export type QuestionnaireMode = (typeof QUESTIONNAIRE_MODES)[number];

/** Answers chosen from a list; the first option is assumed where nothing was chosen. */
export const CHOICE_FIELDS = {
	unit: { page: 'you', options: LENGTH_UNITS },
	sex: { page: 'you', options: SEXES },
	hand: { page: 'you', options: HANDS },
	/** The hand that uses the mouse: the writing hand unless stated otherwise. */
	pointer: { page: 'you', options: ['same', ...HANDS] },
	lenses: { page: 'you', options: LENSES },
	back: { page: 'you', options: BACK_RELIEF },
	wrists: { page: 'you', options: WRISTS },
	/** Other precautions have fields of their own; see `precaution-answers.ts`. */
	arms: { page: 'discomfort', options: WORKING_ARMS },
	drawnAs: { page: 'you', options: DRAWING_STYLES },
	posture: { page: 'spot', options: POSTURES },
	by: { page: 'spot', options: HOME_MEASURING_METHODS },
	surfaceKind: { page: 'spot', options: SURFACE_KINDS },
	surfaceMoves: { page: 'spot', options: ['no', 'yes'] },
	seatKind: { page: 'feet', options: SEAT_KINDS },
	seatMoves: { page: 'feet', options: ['no', 'yes'] },
	backrest: { page: 'back', options: ['yes', 'no'] },
	lumbar: { page: 'back', options: ['no', 'yes'] },
	armrest: { page: 'hands', options: ['no', 'yes'] },
	castors: { page: 'feet', options: ['no', 'yes'] },
	footBar: { page: 'feet', options: ['no', 'yes'] },
	tray: { page: 'hands', options: ['no', 'yes'] },
	bodyBy: { page: 'feet', options: HOME_MEASURING_METHODS },
	screenKind: { page: 'hands', options: SCREEN_KINDS },
	screenSize: {
		page: 'screen',
		options: ['not-known', ...SCREEN_SIZES.laptop, ...SCREEN_SIZES.monitor]
	},
	screenMoves: { page: 'screen', options: ['no', 'yes'] },
	keysKind: { page: 'hands', options: KEYBOARD_KINDS },
	mouse: { page: 'mouse', options: MOUSE_KINDS },
	/** Says explicitly that nothing hurts, or that no household item can be spared: unanswered means unknown. */
	hurts: { page: 'discomfort', options: ['yes', 'no'] },
	hasThings: { page: 'house', options: ['yes', 'no'] },
	/** How much is asked; set by the round where the person has not chosen. */
	route: { page: 'first', options: QUESTIONNAIRE_MODES },
	/** Height of a small letter in the text read most, mm; not part of the workstation document. */
	letterSize: { page: 'screen', options: ['not-known', ...LETTER_SIZES] },
	/** For the sun: the nearest city, and which way the window faces. */
	city: { page: 'light', options: ['not-given', ...CITY_IDS] },
	windowFaces: { page: 'light', options: ['not-known', ...COMPASS] }
} as const satisfies Record<string, { page: QuestionnairePage; options: readonly string[] }>;

/** Name of a choice field. */
export type ChoiceFieldName = keyof typeof CHOICE_FIELDS;

/** Most kinds of household items one person can list. */
export const MAX_HOUSEHOLD_THINGS = 40;

/** What is asked about one household item. */
export const THING_FIELD_PARTS = ['kind', 'label', 'a', 'b', 'c', 'count', 'sure'] as const;

/** Name of the field for one part of one household item: `thing.3.label`. */
export function thingField(index: number, part: (typeof THING_FIELD_PARTS)[number]): string {
	return `thing.${index}.${part}`;
}

/** Body lengths asked for, by posture, from the floor up. */
export const BODY_FIELDS = {
	sitting: ['popliteal', 'thigh', 'buttockPopliteal', 'sittingElbow', 'sittingEye'],
	standing: ['standingElbow', 'standingEye']
} as const satisfies Record<'sitting' | 'standing', readonly BodyLengthName[]>;

type Option<N extends ChoiceFieldName> = (typeof CHOICE_FIELDS)[N]['options'][number];

/** The option chosen, or the first one where nothing (or nothing known) was chosen. */
export function chosenOption<N extends ChoiceFieldName>(answers: Answers, name: N): Option<N> {
	const options: readonly Option<N>[] = CHOICE_FIELDS[name].options;
	const chosen = options.find((option) => option === answers[name]) ?? options[0];
	if (chosen === undefined) throw new RangeError(`${name} has no options`);
	return chosen;
}

/** Whether the person answered a field with a value it accepts. */
export function isFieldAnswered(answers: Answers, field: string): boolean {
	return (answers[field] ?? '').trim() !== '';
}

/** How body lengths were measured: like the furniture unless stated otherwise. */
export function bodyMethodOf(answers: Answers): (typeof HOME_MEASURING_METHODS)[number] {
	return chosenOption(answers, isFieldAnswered(answers, 'bodyBy') ? 'bodyBy' : 'by');
}

/** The unit lengths are typed in. */
export function unitOf(answers: Answers): LengthUnit {
	return chosenOption(answers, 'unit');
}
