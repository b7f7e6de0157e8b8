import { FINDING_IDS } from '../../core/checklist';
import { Type } from 'typebox';
import { ANSWER_FIELDS, SIGN_GROUPS } from '../../core/answers';
import { NEWS, THINGS } from '../../core/judgement';

/** Signs and discomfort are asked with the same fields as in the walk. */
const asked = [...ANSWER_FIELDS].filter(([name]) => /^(?:sign|pain)\./.test(name));

const ticked = { enum: ['', 'yes'] };

/** The form of a check-in: fields that are not sent were not answered. */
export const checkInForm = Type.Unsafe<Record<string, string>>({
	type: 'object',
	maxProperties: 400,
	properties: {
		...Object.fromEntries(asked.map(([name, values]) => [name, { enum: ['', ...values] }])),
		...Object.fromEntries([...THINGS, ...FINDING_IDS].map((what) => [`undone.${what}`, ticked])),
		...Object.fromEntries(NEWS.map((news) => [`news.${news}`, ticked])),
		nothing: ticked,
		none: { enum: Object.keys(SIGN_GROUPS) }
	},
	additionalProperties: false
});
