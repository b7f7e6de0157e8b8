import { Type } from 'typebox';
import { LIFT_WAYS, SIGNS } from '../discomfort';
import { corner, discomfort, HIGHEST_MM, lengths, list, place } from './file-parts';
import { closed, day, dayOrNull } from './schema-parts';
import { CLOSABLE, NEWS, PLAN_KINDS, THINGS, TICK_WAYS, WAITING } from './vocabulary';

const height = Type.Integer({ minimum: -HIGHEST_MM, maximum: HIGHEST_MM, description: 'mm' });

const seq = Type.Integer({
	minimum: 0,
	description:
		'rises over the whole file in order of time: earlier, later and since compare it, never the day'
});

const moment = Type.Object({ seq, on: day }, closed);
const momentOrNull = Type.Union([moment, Type.Null()]);

const findingId = Type.String({ pattern: '^[a-z0-9][a-z0-9-]*$', maxLength: 60 });

const signs = list(Type.Enum(SIGNS));

const answers = Type.Object(
	{
		seq,
		on: day,
		corner,
		signs,
		discomfort,
		findings: Type.Union(
			[list(Type.Object({ id: findingId, safety: Type.Boolean() }, closed)), Type.Null()],
			{
				description: 'what these answers show besides heights; null while only signs are in'
			}
		),
		acknowledged: dayOrNull
	},
	closed
);

const checkIn = Type.Object(
	{
		seq,
		on: day,
		signs,
		discomfort,
		undone: list(findingId),
		news: list(Type.Enum(NEWS)),
		acknowledged: dayOrNull
	},
	{ ...closed, description: 'undone: things and findings that have come undone' }
);

const plan = Type.Object(
	{
		seq,
		on: day,
		option: Type.Object(
			{
				kind: Type.Enum(PLAN_KINDS),
				things: Type.Unsafe<number | null>({ type: ['integer', 'null'], minimum: 0, maximum: THINGS.length })
			},
			closed
		),
		heights: Type.Object(
			{
				seat: Type.Unsafe<number | null>({ type: ['integer', 'null'], minimum: 0, maximum: HIGHEST_MM }),
				surface: height,
				screenTopAboveBase: height
			},
			{ ...closed, description: 'mm; seat: furniture less its give, without pads' }
		),
		rises: Type.Object(
			{
				seat: height,
				softs: Type.Integer({ minimum: 0, maximum: 100, description: 'soft pieces under the person' }),
				feet: height,
				keys: height,
				screen: height
			},
			closed
		),
		things: Type.Array(
			Type.Object({ thing: Type.Enum(THINGS), done: momentOrNull, undone: momentOrNull }, closed),
			{ maxItems: THINGS.length }
		)
	},
	{ ...closed, description: 'the plan as it was agreed; it is never solved again' }
);

/** JSON Schema (draft 2020-12) of `easy-corner.file/2`: all that is known of one person when their case is judged. */
export const fileSchema = Type.Object(
	{
		format: Type.Literal('easy-corner.file/2'),
		today: day,
		place,
		answers: list(answers),
		plan: Type.Union([plan, Type.Null()]),
		ticks: list(Type.Object({ seq, finding: findingId, on: day, how: Type.Enum(TICK_WAYS) }, closed)),
		measured: list(Type.Object({ seq, on: day, lengths }, closed)),
		checkIns: list(checkIn),
		lifted: list(Type.Object({ seq, on: day, of: Type.Enum(SIGNS), how: Type.Enum(LIFT_WAYS) }, closed)),
		waiting: list(Type.Object({ what: Type.Enum(WAITING), since: day }, closed)),
		outcomes: list(Type.Object({ seq, on: day, of: list(Type.Enum(CLOSABLE)) }, closed))
	},
	{
		...closed,
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		$id: 'urn:easy-corner:file:2',
		title: 'Easy Corner: file of one person'
	}
);
