import { Type } from 'typebox';
import { LENGTH_UNITS, type LengthUnit } from '../../../core/body/length/mm';
import {
	ANSWER_FIELDS,
	THING_FIELD_PATTERN,
	type FieldValues
} from '../../../core/questionnaire/answers/answer-fields';
import { COUNT_FIELD_PATTERN } from '../../../core/questionnaire/answers/counted-answers';
import { LEFT_OUT_FIELD_PATTERN } from '../../../core/questionnaire/answers/household-things';
import {
	OWN_CHECKLIST_ANSWER_PATTERN,
	OWN_CHECKLIST_FIELD_PATTERN
} from '../../../core/questionnaire/answers/checklist-fields';
import {
	QUESTIONNAIRE_PAGES,
	type QuestionnairePage
} from '../../../core/questionnaire/answers/questionnaire-pages';
import { NONE_GROUPS, type NoneGroup } from '../../../core/questionnaire/answers/red-flag-answers';

/** Longest text of one answer, characters. */
const LONGEST = 200;

/** Most fields in one save: all there are, and forty household items. */
const MOST_FIELDS = 700;

const text = { type: 'string', maxLength: LONGEST } as const;

/** A field accepts its own values and the empty text, which withdraws the answer; what is being typed may still be half a number. */
function schemaOf(values: FieldValues) {
	return values === 'text' ? text : { enum: ['', ...values] };
}

const fieldSchemas = Object.fromEntries([...ANSWER_FIELDS].map(([name, values]) => [name, schemaOf(values)]));

const patternProperties = {
	[THING_FIELD_PATTERN]: text,
	[LEFT_OUT_FIELD_PATTERN]: { enum: ['', 'yes'] },
	[OWN_CHECKLIST_FIELD_PATTERN]: { type: 'string', pattern: OWN_CHECKLIST_ANSWER_PATTERN }
};

/** Fields of the self-assessment: known names, with known values or short texts. */
const answersSchema = Type.Unsafe<Record<string, string>>({
	type: 'object',
	maxProperties: MOST_FIELDS,
	properties: fieldSchemas,
	patternProperties,
	additionalProperties: false
});

export const saveSchema = Type.Object({ fields: answersSchema }, { additionalProperties: false });

/** A page posted as a form: its fields and the button pressed. */
type PageForm = {
	go?: 'on' | 'back' | 'next' | 'before' | QuestionnairePage;
	add?: string;
	takeOut?: string;
	to?: LengthUnit;
	none?: NoneGroup;
	/** The question shown, where one is shown at a time. */
	at?: string;
	/** The questions on the page, where all of it was shown: their ids, separated by spaces. */
	shown?: string;
} & Record<string, string>;

/** See {@link PageForm}. */
export const pageFormSchema = Type.Unsafe<PageForm>({
	type: 'object',
	maxProperties: MOST_FIELDS,
	properties: {
		...fieldSchemas,
		go: { enum: ['on', 'back', 'next', 'before', ...QUESTIONNAIRE_PAGES] },
		add: { type: 'string', maxLength: 20 },
		takeOut: { type: 'string', pattern: '^[0-9]{1,2}$' },
		to: { enum: LENGTH_UNITS },
		none: { enum: NONE_GROUPS },
		at: { type: 'string', maxLength: 60 },
		shown: { type: 'string', maxLength: 4000 }
	},
	patternProperties: { ...patternProperties, [COUNT_FIELD_PATTERN]: text },
	additionalProperties: false
});
