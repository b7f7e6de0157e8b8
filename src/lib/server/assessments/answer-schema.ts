import { FIELD_NAME_PATTERN, PAGES } from '../../core/answers';

/** Longest text of one answer. */
const LONGEST = 200;

/** Most fields in one save. */
const MOST_FIELDS = 400;

/** Fields of the self-assessment: known names, short texts. */
export const answersSchema = {
	type: 'object',
	maxProperties: MOST_FIELDS,
	propertyNames: { pattern: FIELD_NAME_PATTERN },
	additionalProperties: { type: 'string', maxLength: LONGEST }
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
		go: { enum: ['next', 'back', ...PAGES] },
		add: { type: 'string', maxLength: 20 },
		remove: { type: 'string', pattern: '^[0-9]{1,2}$' },
		to: { enum: ['cm', 'in', 'mm'] }
	},
	patternProperties: { [FIELD_NAME_PATTERN]: { type: 'string', maxLength: LONGEST } },
	additionalProperties: false
} as const;
