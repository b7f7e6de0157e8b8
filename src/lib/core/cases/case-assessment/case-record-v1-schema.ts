import { Type, type Static } from 'typebox';
import {
	recordedCornerSchema,
	discomfortSchema,
	lengthsSchema,
	listSchema,
	placeSchema
} from './case-record-parts';
import { STEP_PLACES } from '../../plan/step-places';
import { closedObject, daySchema, nullableDaySchema, type DeepReadonly } from './schema-parts';
import { CLOSED_BY_OUTCOME, NEWS_KINDS } from './vocabulary';

/** Warning signs as checklist versions 1 and 2 asked about them. */
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
		on: daySchema,
		corner: recordedCornerSchema,
		signs: listSchema(Type.Enum(SIGNS_1)),
		discomfort: discomfortSchema,
		acknowledged: nullableDaySchema
	},
	closedObject
);

const checkIn = Type.Object(
	{
		on: daySchema,
		signs: listSchema(Type.Enum(SIGNS_1)),
		discomfort: discomfortSchema,
		undone: listSchema(Type.Enum(STEP_PLACES)),
		news: listSchema(Type.Enum(NEWS_KINDS)),
		acknowledged: nullableDaySchema
	},
	closedObject
);

const plan = Type.Object(
	{
		on: daySchema,
		things: Type.Array(
			Type.Object(
				{ thing: Type.Enum(STEP_PLACES), done: nullableDaySchema, undone: nullableDaySchema },
				closedObject
			),
			{
				minItems: 1,
				maxItems: STEP_PLACES.length
			}
		)
	},
	closedObject
);

/** JSON Schema (draft 2020-12) of `easy-corner.file/1`, which stays readable for good (`upgrade-case-record.ts`). */
export const caseRecordV1Schema = Type.Object(
	{
		format: Type.Literal('easy-corner.file/1'),
		today: daySchema,
		place: placeSchema,
		answers: listSchema(answers),
		plan: Type.Union([plan, Type.Null()]),
		measured: listSchema(Type.Object({ on: daySchema, lengths: lengthsSchema }, closedObject)),
		checkIns: listSchema(checkIn),
		waiting: listSchema(Type.Object({ what: Type.Enum(WAITING_1), since: daySchema }, closedObject)),
		outcomes: listSchema(
			Type.Object(
				{ on: daySchema, of: listSchema(Type.Enum([...SIGNS_1, ...CLOSED_BY_OUTCOME])) },
				closedObject
			)
		)
	},
	{
		...closedObject,
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		$id: 'urn:easy-corner:file:1',
		title: 'Easy Corner: file of one person'
	}
);

/** A case record of version 1. */
export type CaseRecordV1 = DeepReadonly<Static<typeof caseRecordV1Schema>>;
