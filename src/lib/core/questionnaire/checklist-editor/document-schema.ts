import { Type } from 'typebox';
import { CHECKLIST_VERSIONS } from '../checklist/checklist';
import { FINDING_IDS } from '../checklist/findings';
import { HOUSEHOLD_FIX_IDS, PURCHASE_FIXES } from '../checklist/fixes';
import { OWN_ANSWER_PATTERN, OWN_ID_PATTERN } from '../checklist/own-ids';
import { CHECKLIST_STATIONS } from '../checklist/stations';
import { type ChecklistDocument, CHECKLIST_FORMAT } from '../checklist/own-checklist';
import { REGIONS } from '../../cases/discomfort/regions';
import { compileSchema } from '../../platform/schema/compile-schema';
import {
	CHECKLIST_TEXT_LENGTHS,
	OWN_ANSWERS,
	OWN_CONDITIONS,
	OWN_PARTS,
	OWN_SECONDS
} from './checklist-limits';
import { CONDITION_FACT_NAMES } from './conditions';

const closed = { additionalProperties: false } as const;
const text = (maxLength: number) => Type.String({ maxLength });
const { question, why, look, answer, name, fix } = CHECKLIST_TEXT_LENGTHS;

const ownId = Type.String({ pattern: `^${OWN_ID_PATTERN}$` });
const answerId = Type.String({ pattern: `^${OWN_ANSWER_PATTERN}$` });
const findingId = Type.Union([Type.Enum([...FINDING_IDS]), ownId, Type.Null()]);
const questionId = Type.String({ pattern: '^[a-z0-9][a-z0-9-]{0,59}$' });

const condition = Type.Object(
	{
		of: Type.Union([
			Type.Enum([...CONDITION_FACT_NAMES]),
			Type.String({ pattern: '^item:[a-z0-9][a-z0-9-]{0,59}$' })
		]),
		isOneOf: Type.Array(text(60), { maxItems: 20 })
	},
	closed
);

/** Schema of a question that an organisation has added. */
export const ownItemSchema = Type.Object(
	{
		id: ownId,
		station: Type.Enum([...CHECKLIST_STATIONS]),
		when: Type.Array(condition, { maxItems: OWN_CONDITIONS }),
		answers: Type.Array(Type.Object({ id: answerId, finding: findingId }, closed), {
			maxItems: OWN_ANSWERS.most
		}),
		isForAll: Type.Boolean(),
		seconds: Type.Integer({ minimum: OWN_SECONDS.least, maximum: OWN_SECONDS.most })
	},
	closed
);

/** Schema of a problem that an organisation has added. */
export const ownFindingSchema = Type.Object(
	{
		id: ownId,
		regions: Type.Array(Type.Enum([...REGIONS]), { maxItems: REGIONS.length }),
		household: Type.Array(Type.Enum([...HOUSEHOLD_FIX_IDS]), { maxItems: 4 }),
		shop: Type.Array(Type.Enum([...PURCHASE_FIXES]), { maxItems: 4 })
	},
	closed
);

/** Schema of the words of a question in one language. */
export const itemWordsSchema = Type.Object(
	{
		question: text(question),
		why: text(why),
		look: text(look),
		answers: Type.Record(Type.String({ pattern: '^[a-z0-9][a-z0-9-]{0,59}$' }), text(answer), {
			maxProperties: 20
		})
	},
	closed
);

/** Schema of the words of a problem in one language. */
export const findingWordsSchema = Type.Object({ name: text(name), fix: text(fix) }, closed);

/** Something by language, as a BCP 47 tag. */
export const byLanguage = <T extends Parameters<typeof Type.Record>[1]>(of: T) =>
	Type.Record(Type.String({ pattern: '^[a-z]{2}$' }), of, { maxProperties: 12 });

const words = Type.Object(
	{
		items: Type.Record(questionId, itemWordsSchema, { maxProperties: 200 }),
		findings: Type.Record(ownId, findingWordsSchema, { maxProperties: OWN_PARTS })
	},
	closed
);

/** Schema of a checklist as a file; `checklistFaults` finds what a schema can't express. */
const checklistDocumentSchema = Type.Object(
	{
		format: Type.Literal(CHECKLIST_FORMAT),
		basedOn: Type.Enum(CHECKLIST_VERSIONS.map(({ version }) => version)),
		numbers: Type.Integer({ minimum: 0, maximum: 9999 }),
		order: Type.Array(questionId, { maxItems: 200 }),
		items: Type.Array(ownItemSchema, { maxItems: OWN_PARTS }),
		findings: Type.Array(ownFindingSchema, { maxItems: OWN_PARTS }),
		words: byLanguage(words)
	},
	closed
);

/** Checks a checklist from outside, with its first fault where it can't be used. */
export const validateChecklistDocument = compileSchema<ChecklistDocument>(checklistDocumentSchema);
