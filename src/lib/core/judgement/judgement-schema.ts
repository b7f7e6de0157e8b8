import { Type } from 'typebox';
import { CHECK_IDS, VERDICTS } from '../checks';
import { LIFT_WAYS, SIGNS, type Sign } from '../discomfort';
import { regionReportSchema } from '../discomfort/report-schema';
import { LEVELS } from '../triage';
import { closed, day, dayOrNull, optional } from './schema-parts';
import { ACTS, REASON_CODES, WAITING } from './vocabulary';

const reason = Type.Object(
	{
		code: Type.Enum(REASON_CODES),
		level: Type.Enum(LEVELS),
		on: day,
		sign: Type.Optional(Type.Unsafe<Sign>({ enum: SIGNS, description: 'of a sign alone' })),
		lifted: Type.Optional(
			Type.Object(
				{ on: day, how: Type.Enum(LIFT_WAYS) },
				{ ...closed, description: 'what the person tapped since on the stop page; it closes nothing' }
			)
		),
		finding: Type.Optional(Type.String({ description: 'of a hazard alone' })),
		refused: Type.Optional(
			Type.Boolean({ description: 'a hazard that can’t be put right there, as the person says' })
		),
		what: Type.Optional(Type.Enum(WAITING))
	},
	{
		...closed,
		description: 'why a case is where it is; on: the day of what it rests on; what: of a request alone'
	}
);

const check = Type.Object(
	{
		id: Type.Enum(CHECK_IDS),
		value: Type.Number({ description: 'mm' }),
		low: Type.Number(),
		ideal: Type.Unsafe<number | null>({ type: ['number', 'null'] }),
		high: Type.Unsafe<number | null>({ type: ['number', 'null'] }),
		sd: Type.Number({ description: 'standard deviation of the value, mm' }),
		below: Type.Number({ description: 'probability that the true value lies below the band' }),
		p: Type.Number({ description: 'the same of in the band' }),
		above: Type.Number({ description: 'the same of above it' }),
		verdict: Type.Enum(VERDICTS)
	},
	closed
);

const plan = Type.Object(
	{
		on: day,
		of: Type.Integer({ description: 'things to do' }),
		done: Type.Integer({ description: 'things that stand' }),
		carriedOut: dayOrNull,
		remindOn: dayOrNull
	},
	{
		...closed,
		description: 'how far the plan is; remindOn: the day on which one that was not begun is recalled'
	}
);

/** JSON Schema (draft 2020-12) of `easy-corner.judgement/2`: what is to be believed, done and shown of one person. */
export const judgementSchema = Type.Object(
	{
		format: Type.Literal('easy-corner.judgement/2'),
		level: Type.Enum(LEVELS),
		reasons: Type.Array(reason, { minItems: 1, description: 'by level, then by day, then by code' }),
		actions: Type.Array(Type.Object({ act: Type.Enum(ACTS), what: Type.String() }, closed), {
			description: 'everything that the person can do, first things first'
		}),
		actBy: dayOrNull,
		checkIn: dayOrNull,
		recheck: dayOrNull,
		first: Type.Array(check, { description: 'checks of the newest corner as answered' }),
		standing: Type.Array(check, { description: 'the same checks as the corner stands now' }),
		versions: Type.Object(
			{ core: Type.String(), checklist: Type.Integer(), policy: Type.Integer() },
			{ ...closed, description: 'what it was made by' }
		),
		evidence: Type.Object(optional(REASON_CODES, Type.Array(regionReportSchema)), {
			...closed,
			description: 'the regions that each reason about discomfort rests on'
		}),
		unclosable: Type.Array(
			Type.Object({ check: Type.Enum(CHECK_IDS), side: Type.Enum(['low', 'high']) }, closed)
		),
		worsts: Type.Array(Type.Object({ on: day, worst: Type.Integer() }, closed)),
		plan: Type.Union([plan, Type.Null()]),
		carriedOut: dayOrNull,
		findings: Type.Array(
			Type.Object({ id: Type.String(), isHazard: Type.Boolean(), isRefused: Type.Boolean() }, closed),
			{ description: 'findings that are open' }
		),
		changesOn: dayOrNull
	},
	{
		...closed,
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		$id: 'urn:easy-corner:judgement:2',
		title: 'Easy Corner: judgement of one person'
	}
);
