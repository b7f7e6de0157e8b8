import { Type } from 'typebox';
import { BODY_SIDES, REGIONS } from './regions';
import { RECALL_DAYS, DISCOMFORT_KINDS, WORK_INTERFERENCE, MAX_SCORE, REGION_PART_IDS } from './report';

/** Schema of the report on one region; `regionReportIssues` checks what a schema can't express. */
export const regionReportSchema = Type.Object(
	{
		region: Type.Enum(REGIONS),
		side: Type.Union([Type.Enum(BODY_SIDES), Type.Null()]),
		worst: Type.Integer({ minimum: 0, maximum: MAX_SCORE }),
		days: Type.Integer({ minimum: 0, maximum: RECALL_DAYS }),
		hinders: Type.Enum(WORK_INTERFERENCE),
		kinds: Type.Array(Type.Enum(DISCOMFORT_KINDS), { maxItems: DISCOMFORT_KINDS.length }),
		parts: Type.Optional(Type.Array(Type.Enum(REGION_PART_IDS), { uniqueItems: true }))
	},
	{ additionalProperties: false }
);
