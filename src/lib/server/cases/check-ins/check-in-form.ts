import { FINDING_IDS, type FindingId } from '../../../core/questionnaire/checklist/findings';
import { isOwnId, OWN_ID_PATTERN } from '../../../core/questionnaire/checklist/own-ids';
import { Type } from 'typebox';
import { ANSWER_FIELDS } from '../../../core/questionnaire/answers/answer-fields';
import { RED_FLAG_GROUPS } from '../../../core/questionnaire/answers/red-flag-answers';
import { NEWS_KINDS, PLAN_ITEMS, type PlanItem } from '../../../core/cases/case-assessment/vocabulary';

/** Warning signs and discomfort use the same fields as the self-assessment. */
const asked = [...ANSWER_FIELDS].filter(([name]) => /^(?:sign|pain)\./.test(name));

const ticked = { enum: ['', 'yes'] };

/** The form of a check-in: fields not sent are unanswered. */
export const checkInForm = Type.Unsafe<Record<string, string>>({
	type: 'object',
	maxProperties: 400,
	properties: {
		...Object.fromEntries(asked.map(([name, values]) => [name, { enum: ['', ...values] }])),
		...Object.fromEntries([...PLAN_ITEMS, ...FINDING_IDS].map((what) => [`undone.${what}`, ticked])),
		...Object.fromEntries(NEWS_KINDS.map((news) => [`news.${news}`, ticked])),
		nothing: ticked,
		none: { enum: Object.keys(RED_FLAG_GROUPS) }
	},
	patternProperties: { [`^undone\\.${OWN_ID_PATTERN}$`]: ticked },
	additionalProperties: false
});

/** What a person says has come undone: steps, and problems that were fixed. */
export function undoneOf(fields: Readonly<Record<string, string>>): (PlanItem | FindingId)[] {
	const said = Object.keys(fields).flatMap((name) =>
		name.startsWith('undone.') && fields[name] === 'yes' ? [name.slice('undone.'.length)] : []
	);
	const shipped = [...PLAN_ITEMS, ...FINDING_IDS].filter((what) => said.includes(what));
	return [...shipped, ...said.filter((what) => isOwnId(what))];
}
