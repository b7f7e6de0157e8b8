import { Type } from 'typebox';
import { EMERGENCY_CLEARANCES, RED_FLAGS } from '../discomfort/red-flags';
import { REGIONS } from '../discomfort/regions';
import {
	recordedCornerSchema,
	discomfortSchema,
	MAX_HEIGHT_MM,
	lengthsSchema,
	listSchema,
	placeSchema
} from './case-record-parts';
import { closedObject, daySchema, nullableDaySchema } from './schema-parts';
import { CLOSABLE, NEWS_KINDS, PLAN_KINDS, PLAN_ITEMS, FINDING_TICKS, WAITING_KINDS } from './vocabulary';

const height = Type.Integer({ minimum: -MAX_HEIGHT_MM, maximum: MAX_HEIGHT_MM, description: 'mm' });

const seq = Type.Integer({
	minimum: 0,
	description:
		'rises over the whole file in order of time: earlier, later and since compare it, never the day'
});

const moment = Type.Object({ seq, on: daySchema }, closedObject);
const momentOrNull = Type.Union([moment, Type.Null()]);

const findingId = Type.String({ pattern: '^[a-z0-9][a-z0-9-]*$', maxLength: 60 });

const signs = listSchema(Type.Enum(RED_FLAGS));

const answers = Type.Object(
	{
		seq,
		on: daySchema,
		corner: recordedCornerSchema,
		signs,
		discomfort: discomfortSchema,
		findings: Type.Union(
			[
				listSchema(
					Type.Object(
						{
							id: findingId,
							safety: Type.Boolean(),
							regions: Type.Optional(listSchema(Type.Enum(REGIONS)))
						},
						closedObject
					)
				),
				Type.Null()
			],
			{
				description:
					'what these answers show besides heights, with the regions of problems that the organisation has added; null while only signs are in'
			}
		),
		acknowledged: nullableDaySchema
	},
	closedObject
);

const checkIn = Type.Object(
	{
		seq,
		on: daySchema,
		signs,
		discomfort: discomfortSchema,
		undone: listSchema(findingId),
		news: listSchema(Type.Enum(NEWS_KINDS)),
		acknowledged: nullableDaySchema
	},
	{ ...closedObject, description: 'undone: things and findings that have come undone' }
);

const plan = Type.Object(
	{
		seq,
		on: daySchema,
		option: Type.Object(
			{
				kind: Type.Enum(PLAN_KINDS),
				things: Type.Unsafe<number | null>({
					type: ['integer', 'null'],
					minimum: 0,
					maximum: PLAN_ITEMS.length
				})
			},
			closedObject
		),
		heights: Type.Object(
			{
				seat: Type.Unsafe<number | null>({ type: ['integer', 'null'], minimum: 0, maximum: MAX_HEIGHT_MM }),
				surface: height,
				screenTopAboveBase: height
			},
			{ ...closedObject, description: 'mm; seat: furniture less its give, without pads' }
		),
		rises: Type.Object(
			{
				seat: height,
				softs: Type.Integer({ minimum: 0, maximum: 100, description: 'soft pieces under the person' }),
				feet: height,
				keys: height,
				screen: height
			},
			closedObject
		),
		things: Type.Array(
			Type.Object({ thing: Type.Enum(PLAN_ITEMS), done: momentOrNull, undone: momentOrNull }, closedObject),
			{ maxItems: PLAN_ITEMS.length }
		)
	},
	{ ...closedObject, description: 'the plan as it was agreed; it is never solved again' }
);

/** JSON Schema (draft 2020-12) of `easy-corner.file/2`: everything known about a person when their case is assessed. */
export const caseRecordSchema = Type.Object(
	{
		format: Type.Literal('easy-corner.file/2'),
		today: daySchema,
		place: placeSchema,
		answers: listSchema(answers),
		plan: Type.Union([plan, Type.Null()]),
		ticks: listSchema(
			Type.Object({ seq, finding: findingId, on: daySchema, how: Type.Enum(FINDING_TICKS) }, closedObject)
		),
		measured: listSchema(Type.Object({ seq, on: daySchema, lengths: lengthsSchema }, closedObject)),
		checkIns: listSchema(checkIn),
		lifted: listSchema(
			Type.Object(
				{ seq, on: daySchema, of: Type.Enum(RED_FLAGS), how: Type.Enum(EMERGENCY_CLEARANCES) },
				closedObject
			)
		),
		waiting: listSchema(Type.Object({ what: Type.Enum(WAITING_KINDS), since: daySchema }, closedObject)),
		outcomes: listSchema(
			Type.Object({ seq, on: daySchema, of: listSchema(Type.Enum(CLOSABLE)) }, closedObject)
		)
	},
	{
		...closedObject,
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		$id: 'urn:easy-corner:file:2',
		title: 'Easy Corner: file of one person'
	}
);
