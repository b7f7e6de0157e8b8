/** Pattern of a UUID as PostgreSQL writes it. */
export const UUID_PATTERN = '^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$';

/** A form that names a person and nothing else. */
export const personSchema = {
	type: 'object',
	additionalProperties: false,
	required: ['person'],
	properties: { person: { type: 'string', pattern: UUID_PATTERN } }
} as const;
