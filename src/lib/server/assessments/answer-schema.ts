import {
	ANSWER_FIELDS,
	OUT_FIELD_PATTERN,
	PAGES,
	THING_FIELD_PATTERN,
	type FieldValues
} from '../../core/answers';

/** Longest text of one answer. */
const LONGEST = 200;

/** Most fields in one save: all that there are, and forty things. */
const MOST_FIELDS = 700;

const text = { type: 'string', maxLength: LONGEST } as const;

/** A field takes its own values and the empty text, which takes the answer back; what is typed may be half a number yet. */
function schemaOf(values: FieldValues) {
	return values === 'text' ? text : { enum: ['', ...values] };
}

const fieldSchemas = Object.fromEntries([...ANSWER_FIELDS].map(([name, values]) => [name, schemaOf(values)]));

/** Fields of the self-assessment: known names, known values or short texts. */
export const answersSchema = {
	type: 'object',
	maxProperties: MOST_FIELDS,
	properties: fieldSchemas,
	patternProperties: { [THING_FIELD_PATTERN]: text, [OUT_FIELD_PATTERN]: { enum: ['', 'yes'] } },
	additionalProperties: false
} as const;

/** A JSON save of answers as they are typed. */
export const saveSchema = {
	type: 'object',
	additionalProperties: false,
	required: ['fields'],
	properties: { fields: answersSchema }
} as const;

/** A page sent as a form: its fields and the button that was pressed. */
export const pageFormSchema = {
	type: 'object',
	maxProperties: MOST_FIELDS,
	properties: {
		...fieldSchemas,
		go: { enum: ['next', 'back', ...PAGES] },
		add: { type: 'string', maxLength: 20 },
		remove: { type: 'string', pattern: '^[0-9]{1,2}$' },
		to: { enum: ['cm', 'in', 'mm'] }
	},
	patternProperties: { [THING_FIELD_PATTERN]: text, [OUT_FIELD_PATTERN]: { enum: ['', 'yes'] } },
	additionalProperties: false
} as const;
