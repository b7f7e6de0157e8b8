import { REGIONS } from '../../cases/discomfort/regions';
import { CORNER_FORMATS } from './corner';
import { CORNER_BOUNDS, MAX_HOUSEHOLD_ITEMS, MAX_LABEL_CHARS } from './corner-bounds';
import {
	WORKING_ARMS,
	BACK_RELIEF,
	BODY_LENGTHS,
	PRECAUTIONS,
	HANDS,
	HOUSEHOLD_KINDS,
	KEYBOARD_KINDS,
	LENSES,
	BODY_MEASURING_METHODS,
	MEASURING_METHODS,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SEAT_KINDS,
	SEAT_KINDS_OF_VERSION_2,
	SEXES,
	SURFACE_KINDS,
	SITTING_STYLES,
	WRISTS
} from './vocabulary';

type Bounds = readonly [number, number];

const int = ([minimum, maximum]: Bounds, description?: string) => ({
	type: 'integer',
	minimum,
	maximum,
	...(description ? { description } : {})
});

const range = (bounds: Bounds, description: string) => ({
	description,
	type: ['array', 'null'],
	items: int(bounds),
	minItems: 2,
	maxItems: 2
});

const object = (properties: Record<string, unknown>, optional: readonly string[] = []) => ({
	type: 'object',
	additionalProperties: false,
	required: Object.keys(properties).filter((name) => !optional.includes(name)),
	properties
});

const sides = (n: 2 | 3) => ({
	type: 'array',
	items: int(CORNER_BOUNDS.side),
	minItems: n,
	maxItems: n
});

/** Standard deviation of a length from a picture, mm. */
const PHOTO_SD: readonly [number, number] = [1, 200];

const bodyLength = {
	type: 'object',
	additionalProperties: false,
	required: ['mm', 'by'],
	properties: {
		mm: int(CORNER_BOUNDS.bodyLength),
		by: { enum: BODY_MEASURING_METHODS },
		sd: int(PHOTO_SD, 'standard deviation in mm; from a photo alone')
	},
	if: { properties: { by: { const: 'photo' } } },
	then: { properties: { sd: true }, required: ['sd'] },
	else: { properties: { sd: false } }
};

const list = (of: readonly string[], description: string) => ({
	type: 'array',
	uniqueItems: true,
	items: { enum: of },
	description
});

/** Members of a person that only version 3 has. */
const NEW_OF_PERSON = {
	pointer: { enum: HANDS, description: 'the hand that uses the mouse' },
	arms: { enum: WORKING_ARMS, description: 'the arms that the person works with' },
	care: list(PRECAUTIONS, 'what advice has to allow for'),
	sore: list(REGIONS, 'what hurts 4 of 10 or more now')
};

const person = object(
	{
		stature: int(CORNER_BOUNDS.stature, 'without shoes'),
		sex: { enum: SEXES, description: 'only picks body proportions' },
		heel: int(CORNER_BOUNDS.heel, 'sole of what is worn at work'),
		hand: { enum: HANDS, description: 'the hand that writes' },
		...NEW_OF_PERSON,
		lenses: { enum: LENSES },
		back: { enum: BACK_RELIEF },
		wrists: { enum: WRISTS }
	},
	Object.keys(NEW_OF_PERSON)
);

const surface = object(
	{
		kind: { enum: SURFACE_KINDS },
		height: int(CORNER_BOUNDS.surfaceHeight),
		thickness: int(CORNER_BOUNDS.surfaceThickness),
		depth: int(CORNER_BOUNDS.surfaceDepth),
		range: range(CORNER_BOUNDS.surfaceHeight, '[lowest, highest] top where the surface moves')
	},
	['kind']
);

const seatParts = {
	kind: { enum: SEAT_KINDS, description: 'from version 2 on; a chair in version 1' },
	height: int(CORNER_BOUNDS.seatHeight, 'of the empty seat'),
	give: int(CORNER_BOUNDS.seatGive, 'how far it sinks under the person'),
	range: range(CORNER_BOUNDS.seatHeight, '[lowest, highest] where the seat moves'),
	depth: int(CORNER_BOUNDS.seatDepth),
	backrest: { type: 'boolean' },
	lumbar: { type: 'boolean' },
	armrest: {
		...int(CORNER_BOUNDS.armrest, 'height above the seat, or null'),
		type: ['integer', 'null']
	},
	castors: { type: 'boolean' },
	footBar: {
		...int(CORNER_BOUNDS.footBar, 'height of a bar for the feet, or null'),
		type: ['integer', 'null']
	}
};

/** What only a chair must have; other seat types may omit it. */
const OF_A_CHAIR = ['range', 'depth', 'backrest'] as const;

/** The same names as properties with any value: a strict schema must name what it requires. */
const ASKED_OF_A_CHAIR = Object.fromEntries(OF_A_CHAIR.map((name) => [name, true]));

const seat = object(seatParts, ['kind', 'footBar', ...OF_A_CHAIR]);

/** A seat, if there is one, that also satisfies a rule. */
const seatThat = (rule: object) => ({
	type: ['object', 'null'],
	if: { type: 'object' },
	then: { type: 'object', ...rule }
});

/** A chair must state what only a chair has; other seat types may omit it. */
const KINDS_KNOW_THEIR_PARTS = {
	if: { type: 'object', properties: { kind: { const: SEAT_KINDS[0] } } },
	then: { type: 'object', required: OF_A_CHAIR, properties: ASKED_OF_A_CHAIR }
};

/** What documents of an older version can't contain. */
const NOT_BEFORE_VERSION_3 = {
	person: {
		type: 'object',
		properties: Object.fromEntries(Object.keys(NEW_OF_PERSON).map((name) => [name, false]))
	},
	surface: { type: 'object', properties: { kind: false } },
	keys: { type: 'object', properties: { tray: false } }
};

const ofVersion = (version: number, spotSeat: object, isOld: boolean) => ({
	if: { type: 'object', properties: { format: { const: CORNER_FORMATS[version - 1] } } },
	then: {
		type: 'object',
		properties: {
			...(isOld ? { person: NOT_BEFORE_VERSION_3.person } : {}),
			spot: {
				type: 'object',
				properties: {
					seat: spotSeat,
					...(isOld ? { surface: NOT_BEFORE_VERSION_3.surface, keys: NOT_BEFORE_VERSION_3.keys } : {})
				}
			}
		}
	}
});

/** Version 1 knows only chairs; from version 2 on a seat states its type; version 3 knows more about person, seat, surface and keyboard. */
const BY_VERSION = {
	allOf: [
		ofVersion(
			1,
			seatThat({
				required: OF_A_CHAIR,
				properties: { kind: false, footBar: false, ...ASKED_OF_A_CHAIR }
			}),
			true
		),
		ofVersion(
			2,
			seatThat({
				required: ['kind'],
				properties: { kind: { enum: SEAT_KINDS_OF_VERSION_2 }, footBar: false },
				...KINDS_KNOW_THEIR_PARTS
			}),
			true
		),
		ofVersion(
			3,
			seatThat({ required: ['kind'], properties: { kind: true }, ...KINDS_KNOW_THEIR_PARTS }),
			false
		)
	]
};

const screen = object({
	kind: { enum: SCREEN_KINDS },
	topAboveBase: int(CORNER_BOUNDS.topAboveBase, 'top of the visible picture above what it stands on'),
	visibleHeight: int(CORNER_BOUNDS.visibleHeight),
	base: sides(2),
	range: range(CORNER_BOUNDS.topAboveBase, '[lowest, highest] topAboveBase of a monitor that moves'),
	distance: int(CORNER_BOUNDS.distance, 'eye to screen')
});

const keys = object(
	{
		kind: { enum: KEYBOARD_KINDS },
		homeRow: int(CORNER_BOUNDS.homeRow, 'above what the keyboard stands on'),
		base: sides(2),
		tray: {
			...object({
				height: int(CORNER_BOUNDS.surfaceHeight, 'of its top'),
				thickness: int(CORNER_BOUNDS.trayThickness)
			}),
			type: ['object', 'null'],
			description: 'a tray that carries keyboard and mouse, or null'
		}
	},
	['tray']
);

const item = object(
	{
		id: { type: 'string', minLength: 1, maxLength: 64 },
		kind: { enum: HOUSEHOLD_KINDS },
		label: { type: 'string', maxLength: MAX_LABEL_CHARS },
		size: {
			...sides(3),
			description:
				'three lengths in any order; step-stool: length, width, height; towel, blanket: length, width, thickness of one layer'
		},
		count: { ...int(CORNER_BOUNDS.count), default: 1 }
	},
	['count']
);

/**
 * JSON Schema (draft 2020-12) of the workstation document. What a schema can't express (ranges in order, unique ids, a seat for a sitting
 * workstation) is checked by `validateCorner`.
 */
export const cornerSchema = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	$id: 'urn:easy-corner:corner:3',
	title: 'Easy Corner: corner document',
	description: 'One person at one spot. Whole millimetres; heights above the floor unless said.',
	...object({
		format: { enum: CORNER_FORMATS },
		person,
		body: object(Object.fromEntries(BODY_LENGTHS.map((name) => [name, bodyLength])), BODY_LENGTHS),
		way: { enum: SITTING_STYLES },
		spot: object({
			posture: { enum: POSTURES },
			by: { enum: MEASURING_METHODS },
			surface,
			seat: {
				...seat,
				type: ['object', 'null'],
				description: 'null when standing; ignored there if given'
			},
			screen,
			keys,
			mouse: { enum: MOUSE_KINDS }
		}),
		household: { type: 'array', maxItems: MAX_HOUSEHOLD_ITEMS, items: item }
	}),
	...BY_VERSION
} as const;
