import { Type } from 'typebox';
import { BODY_SIDES, REGIONS } from './regions';
import { DAYS_ASKED, DISCOMFORT_KINDS, HINDERS, MOST_WORST, REGION_PART_IDS } from './report';

/** What is reported of one region; `issuesOfReport` checks what a schema can't say. */
export const regionReportSchema = Type.Object(
	{
		region: Type.Enum(REGIONS),
		side: Type.Union([Type.Enum(BODY_SIDES), Type.Null()]),
		worst: Type.Integer({ minimum: 0, maximum: MOST_WORST }),
		days: Type.Integer({ minimum: 0, maximum: DAYS_ASKED }),
		hinders: Type.Enum(HINDERS),
		kinds: Type.Array(Type.Enum(DISCOMFORT_KINDS), { maxItems: DISCOMFORT_KINDS.length }),
		parts: Type.Optional(Type.Array(Type.Enum(REGION_PART_IDS), { uniqueItems: true }))
	},
	{ additionalProperties: false }
);
