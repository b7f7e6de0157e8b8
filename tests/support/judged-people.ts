import { estimateBodyLength } from '$lib/core/body/body-length';
import type { Corner, HouseholdItem } from '$lib/core/workstation/corner/corner';
import type { Lenses, SittingStyle } from '$lib/core/workstation/corner/vocabulary';

/** A person as a careful practitioner sees them, and what that practitioner would have them do: written down before anything was computed. */
export interface JudgedPerson {
	readonly name: string;
	readonly corner: Corner;
	/** Whether their heights are to be left alone. */
	readonly isAlone: boolean;
	/** What comes first, as `act what`; null where several are as good. */
	readonly first: string | null;
	/** What has to be done about heights and equipment, as `act what`. */
	readonly acts: readonly string[];
}

type Household = readonly (readonly [
	kind: HouseholdItem['kind'],
	size: HouseholdItem['size'],
	count?: number
])[];

interface Told {
	readonly sex: 'female' | 'male';
	readonly stature: number;
	/** Lengths of the body by tape; estimated if left out. */
	readonly taped?: boolean;
	readonly way?: SittingStyle;
	readonly lenses?: Lenses;
	readonly back?: Corner['person']['back'];
	readonly by?: Corner['spot']['by'];
	/** Height of the seat; null where they stand. */
	readonly seat: number | null;
	readonly seatKind?: NonNullable<Corner['spot']['seat']>['kind'];
	readonly seatRange?: readonly [number, number];
	readonly castors?: boolean;
	readonly table: number;
	readonly thickness?: number;
	readonly tableRange?: readonly [number, number];
	readonly tableKind?: Corner['spot']['surface']['kind'];
	/** Top edge of the display above what it stands on. */
	readonly top: number;
	readonly topRange?: readonly [number, number];
	readonly screen?: 'laptop' | 'monitor';
	readonly keys?: 'separate' | 'built-in';
	readonly home?: Household;
}

const BOOK = ['book', [250, 180, 40]] as const;
const BIG_BOOK = ['book', [330, 250, 45]] as const;
const REAM = ['ream', [297, 210, 50]] as const;
const PILLOW = ['pillow', [700, 450, 120]] as const;
const CUSHION = ['cushion', [420, 400, 60]] as const;
const TOWEL = ['towel', [1000, 500, 4]] as const;

function cornerOf(told: Told): Corner {
	const person = { stature: told.stature, sex: told.sex } as const;
	const names =
		told.seat === null
			? (['standingElbow', 'standingEye'] as const)
			: (['popliteal', 'sittingElbow', 'sittingEye', 'thigh', 'buttockPopliteal'] as const);
	const body = told.taped
		? Object.fromEntries(
				names.map((name) => [name, { mm: estimateBodyLength(person, name).mm, by: 'tape' as const }])
			)
		: {};
	const screen = told.screen ?? 'monitor';
	const isLaptop = screen === 'laptop';
	const keys = told.keys ?? 'separate';
	const kind = told.seatKind ?? 'chair';
	return {
		format: 'easy-corner.corner/3',
		person: {
			...person,
			heel: 15,
			hand: 'right',
			lenses: told.lenses ?? 'none',
			back: told.back ?? 'any',
			wrists: 'well'
		},
		body,
		way: told.way ?? 'upright',
		spot: {
			posture: told.seat === null ? 'standing' : 'sitting',
			by: told.by ?? 'tape',
			surface: {
				height: told.table,
				thickness: told.thickness ?? 22,
				depth: 800,
				range: told.tableRange ? [...told.tableRange] : null,
				...(told.tableKind ? { kind: told.tableKind } : {})
			},
			seat:
				told.seat === null
					? null
					: {
							kind,
							height: told.seat,
							give: 0,
							range: told.seatRange ? [...told.seatRange] : null,
							...(kind === 'chair' ? { depth: 420, backrest: true } : { backrest: false }),
							lumbar: false,
							armrest: null,
							castors: told.castors ?? false
						},
			screen: {
				kind: screen,
				topAboveBase: told.top,
				visibleHeight: isLaptop ? 190 : 300,
				base: isLaptop ? [325, 225] : [240, 200],
				range: told.topRange ? [...told.topRange] : null,
				distance: isLaptop ? 550 : 700
			},
			keys: { kind: keys, homeRow: 20, base: [440, 130] },
			mouse: keys === 'separate' ? 'separate' : 'touchpad'
		},
		household: (told.home ?? []).map(([itemKind, size, count = 1], i) => ({
			id: `t${i}`,
			kind: itemKind,
			label: itemKind,
			size,
			count
		}))
	} as Corner;
}

const person = (
	name: string,
	told: Told,
	{
		alone = false,
		first = null,
		acts = []
	}: { alone?: boolean; first?: string | null; acts?: readonly string[] }
): JudgedPerson => ({ name, corner: cornerOf(told), isAlone: alone, first, acts });

const BOOKS: Household = [[...BOOK, 6]];
const BIG_BOOKS: Household = [[...BIG_BOOK, 6]];
const SOFT: Household = [
	[...PILLOW, 2],
	[...CUSHION, 1],
	[...TOWEL, 3]
];
const PAPER: Household = [[...REAM, 3]];
const KEYBOARD = 'ask keyboard-and-mouse';

/**
 * Sixty people, invented. The assessment results are ours, by hand: with a body's usual proportions, hips level with the knees or a little higher, elbows at
 * the keys or a little higher, the display's top edge at the eye or a little lower; nothing for less than a centimetre; no chair padded that can be set.
 */
export const JUDGED_PEOPLE: readonly JudgedPerson[] = [
	// Fine as they are.
	person(
		'low desk, chair that fits',
		{ sex: 'male', stature: 1750, seat: 455, table: 670, top: 550 },
		{ alone: true }
	),
	person(
		'small and set up well',
		{ sex: 'female', stature: 1620, seat: 415, table: 620, top: 500 },
		{ alone: true }
	),
	person(
		'standing, desk at the elbow',
		{ sex: 'male', stature: 1800, seat: null, table: 1090, top: 560 },
		{ alone: true }
	),
	person(
		'standing, shorter',
		{ sex: 'female', stature: 1640, seat: null, table: 985, top: 500 },
		{ alone: true }
	),
	person(
		'taped, all in the middle',
		{ sex: 'male', stature: 1820, taped: true, seat: 478, table: 700, top: 570 },
		{ alone: true }
	),
	person(
		'display a little low',
		{ sex: 'female', stature: 1700, seat: 438, table: 655, top: 490 },
		{ alone: true }
	),
	person(
		'four millimetres off',
		{ sex: 'male', stature: 1700, taped: true, seat: 445, table: 668, top: 530 },
		{ alone: true }
	),
	person(
		'adjustable and adjusted',
		{
			sex: 'female',
			stature: 1580,
			seat: 405,
			seatRange: [400, 520],
			castors: true,
			table: 607,
			tableRange: [600, 1250],
			top: 500
		},
		{ alone: true }
	),

	// A laptop alone at a dining table.
	person(
		'laptop at the dining table',
		{
			sex: 'female',
			stature: 1650,
			seat: 455,
			table: 750,
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: [...BIG_BOOKS, ...SOFT, ...PAPER]
		},
		{ first: KEYBOARD, acts: [KEYBOARD, 'build seat', 'build feet'] }
	),
	person(
		'tall with a laptop',
		{
			sex: 'male',
			stature: 1880,
			seat: 460,
			table: 740,
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: [...BIG_BOOKS, ...SOFT]
		},
		{ first: KEYBOARD, acts: [KEYBOARD] }
	),
	person(
		'laptop and nothing to spare',
		{ sex: 'male', stature: 1720, seat: 450, table: 750, top: 215, screen: 'laptop', keys: 'built-in' },
		{ first: KEYBOARD, acts: [KEYBOARD] }
	),
	person(
		'laptop on a desk that rises',
		{
			sex: 'female',
			stature: 1600,
			seat: 420,
			table: 720,
			tableRange: [600, 1200],
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: BIG_BOOKS
		},
		{ first: KEYBOARD, acts: [KEYBOARD, 'build surface'] }
	),
	person(
		'laptop, chair that rises',
		{
			sex: 'male',
			stature: 1760,
			seat: 430,
			seatRange: [420, 530],
			castors: true,
			table: 740,
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: PAPER
		},
		{ first: KEYBOARD, acts: [KEYBOARD, 'build seat'] }
	),
	person(
		'laptop standing at a worktop',
		{
			sex: 'female',
			stature: 1680,
			seat: null,
			table: 900,
			tableKind: 'worktop',
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: [...BIG_BOOKS, ['sturdy-box', [400, 300, 200]]]
		},
		{ first: KEYBOARD, acts: [KEYBOARD] }
	),
	person(
		'laptop, small woman',
		{
			sex: 'female',
			stature: 1520,
			seat: 450,
			table: 745,
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: [...SOFT, ...PAPER]
		},
		{ first: KEYBOARD, acts: [KEYBOARD, 'build feet'] }
	),
	person(
		'laptop, progressive lenses',
		{
			sex: 'male',
			stature: 1790,
			lenses: 'progressive',
			seat: 450,
			table: 745,
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: SOFT
		},
		{ first: KEYBOARD, acts: [KEYBOARD] }
	),

	// No seat to work on.
	person(
		'sofa',
		{
			sex: 'female',
			stature: 1660,
			seat: 400,
			seatKind: 'sofa',
			table: 480,
			tableKind: 'coffee-table',
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: BIG_BOOKS
		},
		{ first: 'spot sofa', acts: ['spot sofa'] }
	),
	person(
		'bed',
		{
			sex: 'male',
			stature: 1810,
			seat: 500,
			seatKind: 'bed',
			table: 700,
			top: 215,
			screen: 'laptop',
			keys: 'built-in',
			home: SOFT
		},
		{ first: 'spot bed', acts: ['spot bed'] }
	),
	person(
		'floor',
		{
			sex: 'female',
			stature: 1720,
			seat: 150,
			seatKind: 'floor',
			table: 420,
			tableKind: 'coffee-table',
			top: 215,
			screen: 'laptop',
			keys: 'built-in'
		},
		{ first: 'spot floor', acts: ['spot floor'] }
	),
	person(
		'sofa with a keyboard',
		{
			sex: 'male',
			stature: 1700,
			seat: 400,
			seatKind: 'sofa',
			table: 450,
			tableKind: 'coffee-table',
			top: 215,
			screen: 'laptop',
			home: BOOKS
		},
		{ first: 'spot sofa', acts: ['spot sofa'] }
	),

	// The display is too low, the rest fits.
	person(
		'laptop beside a keyboard',
		{ sex: 'male', stature: 1750, seat: 455, table: 670, top: 215, screen: 'laptop', home: BIG_BOOKS },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'laptop beside a keyboard, smaller',
		{ sex: 'female', stature: 1620, seat: 415, table: 620, top: 215, screen: 'laptop', home: BIG_BOOKS },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'small monitor flat on the desk',
		{ sex: 'male', stature: 1750, seat: 455, table: 670, top: 380, home: BIG_BOOKS },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'small monitor, reams',
		{ sex: 'female', stature: 1620, seat: 415, table: 620, top: 360, home: [['ream', [297, 210, 50], 4]] },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'monitor on a column, too low',
		{ sex: 'male', stature: 1850, taped: true, seat: 480, table: 705, top: 400, topRange: [380, 560] },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'standing, laptop flat',
		{
			sex: 'male',
			stature: 1800,
			seat: null,
			table: 1090,
			top: 215,
			screen: 'laptop',
			home: [
				['sturdy-box', [400, 320, 300]],
				[...BIG_BOOK, 2]
			]
		},
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'laptop on one thin book',
		{ sex: 'female', stature: 1700, seat: 438, table: 655, top: 255, screen: 'laptop', home: BIG_BOOKS },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'stacks of games',
		{
			sex: 'male',
			stature: 1700,
			seat: 445,
			table: 665,
			top: 215,
			screen: 'laptop',
			home: [['board-game', [400, 280, 60], 5]]
		},
		{ first: 'build screen', acts: ['build screen'] }
	),

	// The display is too high.
	person(
		'monitor too high, on a column',
		{ sex: 'female', stature: 1580, seat: 405, table: 607, top: 660, topRange: [480, 680] },
		{ first: 'build screen', acts: ['build screen'] }
	),
	person(
		'progressive lenses, column',
		{
			sex: 'male',
			stature: 1750,
			lenses: 'progressive',
			seat: 455,
			table: 670,
			top: 600,
			topRange: [450, 620]
		},
		{ first: 'build screen', acts: ['build screen'] }
	),

	// The seat is too high for the feet.
	person(
		'small, high chair, low desk',
		{ sex: 'female', stature: 1500, seat: 470, table: 680, top: 500, home: PAPER },
		{ first: 'build feet', acts: ['build feet'] }
	),
	person(
		'small, feet hang, books and reams',
		{ sex: 'female', stature: 1550, seat: 480, table: 695, top: 500, home: [...PAPER, ...BOOKS] },
		{ first: 'build feet', acts: ['build feet'] }
	),
	person(
		'stool too high',
		{
			sex: 'male',
			stature: 1680,
			seat: 520,
			seatKind: 'stool',
			table: 745,
			top: 520,
			home: [['step-stool', [380, 300, 110]]]
		},
		{ first: 'build feet', acts: ['build feet'] }
	),
	person(
		'fixed chair, footbox',
		{ sex: 'female', stature: 1600, seat: 480, table: 700, top: 520, home: [['sturdy-box', [400, 300, 70]]] },
		{ first: 'build feet', acts: ['build feet'] }
	),

	// Chairs that can be set.
	person(
		'chair set too low',
		{ sex: 'male', stature: 1830, seat: 420, seatRange: [410, 530], castors: true, table: 700, top: 570 },
		{ first: 'build seat', acts: ['build seat'] }
	),
	person(
		'chair set too high',
		{ sex: 'female', stature: 1600, seat: 500, seatRange: [400, 530], castors: true, table: 615, top: 500 },
		{ first: 'build seat', acts: ['build seat'] }
	),
	person(
		'chair low, desk high',
		{
			sex: 'female',
			stature: 1640,
			seat: 420,
			seatRange: [410, 520],
			castors: true,
			table: 735,
			top: 450,
			home: PAPER
		},
		{ first: 'build seat', acts: ['build seat', 'build feet'] }
	),
	person(
		'chair low, desk high, tall',
		{
			sex: 'male',
			stature: 1780,
			seat: 420,
			seatRange: [410, 520],
			castors: true,
			table: 735,
			top: 500,
			home: PAPER
		},
		{ first: 'build seat', acts: ['build seat'] }
	),

	// Chairs that can't be set.
	person(
		'low chair, pillows',
		{ sex: 'male', stature: 1850, taped: true, seat: 430, table: 700, top: 560, home: SOFT },
		{ first: 'build seat', acts: ['build seat'] }
	),
	person(
		'low chair, high table',
		{ sex: 'male', stature: 1780, seat: 430, table: 740, top: 480, home: SOFT },
		{ first: 'build seat', acts: ['build seat'] }
	),
	person(
		'dining set, keyboard and monitor',
		{ sex: 'female', stature: 1670, seat: 455, table: 745, top: 420, home: [...SOFT, ...PAPER] },
		{ first: 'build seat', acts: ['build seat', 'build feet'] }
	),
	person(
		'dining set, taller',
		{ sex: 'male', stature: 1760, seat: 455, table: 745, top: 480, home: [...SOFT, ...PAPER] },
		{ first: 'build seat', acts: ['build seat'] }
	),

	// Desks that can be set.
	person(
		'desk set too high',
		{ sex: 'female', stature: 1650, seat: 425, table: 740, tableRange: [600, 1250], top: 500 },
		{ first: 'build surface', acts: ['build surface'] }
	),
	person(
		'desk set too low',
		{ sex: 'male', stature: 1860, taped: true, seat: 485, table: 640, tableRange: [620, 1270], top: 560 },
		{ first: 'build surface', acts: ['build surface'] }
	),
	person(
		'standing desk too low',
		{ sex: 'male', stature: 1840, seat: null, table: 1000, tableRange: [700, 1250], top: 570 },
		{ first: 'build surface', acts: ['build surface'] }
	),
	person(
		'standing desk too high',
		{ sex: 'female', stature: 1580, seat: null, table: 1100, tableRange: [700, 1250], top: 480 },
		{ first: 'build surface', acts: ['build surface'] }
	),
	person(
		'all of it can be set',
		{
			sex: 'female',
			stature: 1700,
			seat: 500,
			seatRange: [400, 530],
			castors: true,
			table: 740,
			tableRange: [600, 1250],
			top: 500
		},
		{ acts: ['build seat', 'build surface'] }
	),

	// The keys are too low.
	person(
		'tall at a low table',
		{
			sex: 'male',
			stature: 1920,
			taped: true,
			seat: 500,
			table: 640,
			top: 620,
			home: [...BIG_BOOKS, ['board-game', [480, 300, 40], 2]]
		},
		{ first: 'build keys', acts: ['build keys'] }
	),
	person(
		'standing at a worktop',
		{
			sex: 'male',
			stature: 1850,
			seat: null,
			table: 910,
			tableKind: 'worktop',
			top: 600,
			home: [
				['sturdy-box', [500, 350, 90], 2],
				[...BIG_BOOK, 6]
			]
		},
		{ first: 'build keys', acts: ['build keys'] }
	),

	// Guessed, or tight over the thighs: measure first.
	person(
		'all by guess',
		{ sex: 'female', stature: 1670, by: 'guess', seat: 450, table: 760, top: 420, home: [...SOFT, ...PAPER] },
		{ acts: ['build seat'] }
	),
	person(
		'guessed, chair low',
		{ sex: 'male', stature: 1800, by: 'guess', seat: 420, table: 750, top: 500, home: SOFT },
		{ acts: ['build seat'] }
	),
	person(
		'apron under the table',
		{ sex: 'male', stature: 1780, seat: 440, table: 740, thickness: 110, top: 480, home: SOFT },
		{ first: 'measure thigh', acts: ['measure thigh'] }
	),

	// No place to work at.
	person(
		'chair at a kitchen worktop',
		{ sex: 'female', stature: 1630, seat: 450, table: 920, tableKind: 'worktop', top: 480 },
		{ first: 'spot chair', acts: ['spot chair'] }
	),
	person(
		'low stool, high table',
		{ sex: 'male', stature: 1700, seat: 320, seatKind: 'stool', table: 780, top: 450 },
		{ acts: [] }
	),

	// Other ways, backs and seats.
	person(
		'forearms on the table',
		{ sex: 'male', stature: 1750, way: 'forearms-down', seat: 455, table: 690, top: 530 },
		{ alone: true }
	),
	person(
		'wheelchair at a fixed desk',
		{ sex: 'female', stature: 1640, seat: 500, seatKind: 'wheelchair', table: 690, top: 480 },
		{ acts: [] }
	),
	person(
		'active, seat too low',
		{
			sex: 'female',
			stature: 1650,
			way: 'active',
			seat: 425,
			seatRange: [400, 540],
			castors: true,
			table: 680,
			top: 500
		},
		{ first: 'build seat', acts: ['build seat'] }
	),
	person(
		'arching eases, seat low',
		{
			sex: 'male',
			stature: 1760,
			back: 'eased-by-arching',
			taped: true,
			seat: 430,
			seatRange: [420, 530],
			castors: true,
			table: 680,
			top: 540
		},
		{ first: 'build seat', acts: ['build seat'] }
	),
	person(
		'saddle at a desk that rises',
		{
			sex: 'female',
			stature: 1680,
			seat: 580,
			seatKind: 'saddle',
			table: 700,
			tableRange: [620, 1270],
			top: 500
		},
		{ first: 'build surface', acts: ['build surface'] }
	),
	person(
		'kneeling chair, high table',
		{ sex: 'male', stature: 1740, seat: 480, seatKind: 'kneeling', table: 760, top: 470 },
		{ acts: [] }
	)
];
