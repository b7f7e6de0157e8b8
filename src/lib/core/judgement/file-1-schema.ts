import { Type, type Static, type TSchema } from 'typebox';
import { BODY_LENGTHS, CORNER_BOUNDS, type Corner } from '../corner';
import { regionReportSchema } from '../discomfort/report-schema';
import { STEP_PLACES } from '../plan/step-places';
import { closed, day, dayOrNull, optional, type DeepReadonly } from './schema-parts';
import { CLOSED_BY_OUTCOME, MEASURED_HEIGHTS, NEWS } from './vocabulary';

/** Signs as checklists 1 and 2 asked for them. */
const SIGNS_1 = [
	'chest-pain',
	'sudden-one-sided-weakness',
	'sudden-worst-headache',
	'sudden-loss-of-sight',
	'saddle-numbness',
	'wakes-at-night',
	'numbness-stays',
	'with-weakness',
	'runs-down-a-limb',
	'does-not-ease',
	'after-injury'
] as const;

const WAITING_1 = ['equipment', 'question', 'clinician', 'stuck-step', 'silent'] as const;

/** Entries of one list: far above any life at a desk, so that a slip can't flood the judge. */
const MOST_ENTRIES = 2000;

const list = <T extends TSchema>(items: T) => Type.Array(items, { maxItems: MOST_ENTRIES });

const integerWithin = ([minimum, maximum]: readonly [number, number]) => Type.Integer({ minimum, maximum });

const lengths = Type.Object(
	{
		...optional(MEASURED_HEIGHTS, Type.Integer({ minimum: 0, maximum: 2500 })),
		...optional(BODY_LENGTHS, integerWithin(CORNER_BOUNDS.bodyLength)),
		...optional(['thickness'], integerWithin(CORNER_BOUNDS.surfaceThickness))
	},
	{
		...closed,
		description:
			'mm. seat: under the person, pads and all; feet: what they rest on; surface; keys: what they stand on; screen: top of the picture; each above the floor. Body lengths and the surface’s thickness as in the corner document.'
	}
);

const answers = Type.Object(
	{
		on: day,
		corner: Type.Unsafe<Corner | null>({
			type: ['object', 'null'],
			description: 'a corner document, or null while only signs are in'
		}),
		signs: list(Type.Enum(SIGNS_1)),
		discomfort: Type.Union([list(regionReportSchema), Type.Null()]),
		acknowledged: dayOrNull
	},
	closed
);

const checkIn = Type.Object(
	{
		on: day,
		signs: list(Type.Enum(SIGNS_1)),
		discomfort: Type.Union([list(regionReportSchema), Type.Null()]),
		undone: list(Type.Enum(STEP_PLACES)),
		news: list(Type.Enum(NEWS)),
		acknowledged: dayOrNull
	},
	closed
);

const plan = Type.Object(
	{
		on: day,
		things: Type.Array(
			Type.Object({ thing: Type.Enum(STEP_PLACES), done: dayOrNull, undone: dayOrNull }, closed),
			{
				minItems: 1,
				maxItems: STEP_PLACES.length
			}
		)
	},
	closed
);

/** JSON Schema (draft 2020-12) of `easy-corner.file/1`, which is read for ever (`upgrade-file.ts`). */
export const file1Schema = Type.Object(
	{
		format: Type.Literal('easy-corner.file/1'),
		today: day,
		place: Type.Object(
			{
				country: Type.Union([Type.String({ pattern: '^[A-Z]{2}$' }), Type.Null()]),
				region: Type.Union([Type.String({ minLength: 1, maxLength: 10 }), Type.Null()])
			},
			closed
		),
		answers: list(answers),
		plan: Type.Union([plan, Type.Null()]),
		measured: list(Type.Object({ on: day, lengths }, closed)),
		checkIns: list(checkIn),
		waiting: list(Type.Object({ what: Type.Enum(WAITING_1), since: day }, closed)),
		outcomes: list(Type.Object({ on: day, of: list(Type.Enum([...SIGNS_1, ...CLOSED_BY_OUTCOME])) }, closed))
	},
	{
		...closed,
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		$id: 'urn:easy-corner:file:1',
		title: 'Easy Corner: file of one person'
	}
);

/** A file of version 1. */
export type FileOfVersion1 = DeepReadonly<Static<typeof file1Schema>>;
