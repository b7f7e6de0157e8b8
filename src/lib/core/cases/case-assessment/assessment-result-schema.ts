import { Type } from 'typebox';
import { CHECK_IDS } from '../../workstation/checks/check-values';
import { VERDICTS } from '../../workstation/checks/verdict';
import { EMERGENCY_CLEARANCES, RED_FLAGS, type RedFlag } from '../discomfort/red-flags';
import { regionReportSchema } from '../discomfort/report-schema';
import { TRIAGE_LEVELS } from '../triage/policy';
import { closedObject, daySchema, nullableDaySchema, optionalMembers } from './schema-parts';
import { ACTION_KINDS, REASON_CODES, WAITING_KINDS } from './vocabulary';

const reason = Type.Object(
	{
		code: Type.Enum(REASON_CODES),
		level: Type.Enum(TRIAGE_LEVELS),
		on: daySchema,
		sign: Type.Optional(Type.Unsafe<RedFlag>({ enum: RED_FLAGS, description: 'of a sign alone' })),
		lifted: Type.Optional(
			Type.Object(
				{ on: daySchema, how: Type.Enum(EMERGENCY_CLEARANCES) },
				{ ...closedObject, description: 'what the person tapped since on the stop page; it closes nothing' }
			)
		),
		finding: Type.Optional(Type.String({ description: 'of a hazard alone' })),
		refused: Type.Optional(
			Type.Boolean({ description: 'a hazard that can’t be put right there, as the person says' })
		),
		what: Type.Optional(Type.Enum(WAITING_KINDS))
	},
	{
		...closedObject,
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
	closedObject
);

const plan = Type.Object(
	{
		on: daySchema,
		of: Type.Integer({ description: 'things to do' }),
		done: Type.Integer({ description: 'things that stand' }),
		carriedOut: nullableDaySchema,
		remindOn: nullableDaySchema
	},
	{
		...closedObject,
		description: 'how far the plan is; remindOn: the day on which one that was not begun is recalled'
	}
);

/** JSON Schema (draft 2020-12) of `easy-corner.judgement/2`: the assessment of one person's case. */
export const assessmentResultSchema = Type.Object(
	{
		format: Type.Literal('easy-corner.judgement/2'),
		level: Type.Enum(TRIAGE_LEVELS),
		reasons: Type.Array(reason, { minItems: 1, description: 'by level, then by day, then by code' }),
		actions: Type.Array(Type.Object({ act: Type.Enum(ACTION_KINDS), what: Type.String() }, closedObject), {
			description: 'everything that the person can do, first things first'
		}),
		actBy: nullableDaySchema,
		checkIn: nullableDaySchema,
		recheck: nullableDaySchema,
		first: Type.Array(check, { description: 'checks of the newest corner as answered' }),
		standing: Type.Array(check, { description: 'the same checks as the corner stands now' }),
		versions: Type.Object(
			{ core: Type.String(), checklist: Type.Integer(), policy: Type.Integer() },
			{ ...closedObject, description: 'what it was made by' }
		),
		evidence: Type.Object(optionalMembers(REASON_CODES, Type.Array(regionReportSchema)), {
			...closedObject,
			description: 'the regions that each reason about discomfort rests on'
		}),
		unclosable: Type.Array(
			Type.Object({ check: Type.Enum(CHECK_IDS), side: Type.Enum(['low', 'high']) }, closedObject)
		),
		worsts: Type.Array(Type.Object({ on: daySchema, worst: Type.Integer() }, closedObject)),
		plan: Type.Union([plan, Type.Null()]),
		carriedOut: nullableDaySchema,
		findings: Type.Array(
			Type.Object({ id: Type.String(), isHazard: Type.Boolean(), isRefused: Type.Boolean() }, closedObject),
			{ description: 'findings that are open' }
		),
		changesOn: nullableDaySchema
	},
	{
		...closedObject,
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		$id: 'urn:easy-corner:judgement:2',
		title: 'Easy Corner: judgement of one person'
	}
);
