import { Type, type Static } from 'typebox';
import { corner, discomfort, lengths, list, place } from './file-parts';
import { STEP_PLACES } from '../plan/step-places';
import { closed, day, dayOrNull, type DeepReadonly } from './schema-parts';
import { CLOSED_BY_OUTCOME, NEWS } from './vocabulary';

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

const answers = Type.Object(
	{
		on: day,
		corner,
		signs: list(Type.Enum(SIGNS_1)),
		discomfort,
		acknowledged: dayOrNull
	},
	closed
);

const checkIn = Type.Object(
	{
		on: day,
		signs: list(Type.Enum(SIGNS_1)),
		discomfort,
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
		place,
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
