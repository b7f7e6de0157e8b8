import { UUID_PATTERN } from '../uuid';
import { API_SCOPES } from './api-scopes';
import { API_OPERATIONS, type ApiOperation } from './operations';

/** Version of the API: the first part of its paths. */
export const API_VERSION = 'v1';

const problem = {
	type: 'object',
	description: 'The reason for a refusal (RFC 9457).',
	properties: {
		type: { const: 'about:blank' },
		title: { type: 'string' },
		status: { type: 'integer' },
		detail: { type: 'string', description: 'The reason in words, with the next step.' },
		at: { type: 'string', description: 'JSON Pointer of the field at fault.' }
	},
	required: ['type', 'title', 'status', 'detail']
} as const;

const FAULTS: Readonly<Record<string, string>> = {
	'400': 'The request can’t be used; `at` names the field.',
	'401': 'There is no token, or it has ended.',
	'403': 'The token, or its account, may not do this.',
	'404': 'There is no such thing.',
	'409': 'It was changed in the meantime, or is there already.',
	'429': 'Too many requests; `Retry-After` says how many seconds to wait.'
};

/** A schema as JSON: TypeBox’s own marks don’t belong into the document. */
const plain = (schema: unknown): unknown => JSON.parse(JSON.stringify(schema));

function operationDocument(operation: ApiOperation) {
	const { id, path, summary, scope, query = {}, body, status, answer } = operation;
	const inPath = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
		name,
		in: 'path',
		required: true,
		schema: { type: 'string', pattern: UUID_PATTERN }
	}));
	const inQuery = Object.entries(query).map(([name, schema]) => ({
		name,
		in: 'query',
		required: false,
		schema: plain(schema)
	}));
	return {
		operationId: id,
		summary,
		description: `The token needs the scope \`${scope}\`.`,
		security: [{ token: [scope] }],
		...(inPath.length + inQuery.length > 0 ? { parameters: [...inPath, ...inQuery] } : {}),
		...(body
			? { requestBody: { required: true, content: { 'application/json': { schema: plain(body) } } } }
			: {}),
		responses: {
			[status]: { description: 'Done.', content: { 'application/json': { schema: plain(answer) } } },
			...Object.fromEntries(
				Object.entries(FAULTS).map(([code, description]) => [
					code,
					{
						description,
						content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } }
					}
				])
			)
		}
	};
}

/**
 * The API as an OpenAPI 3.1 document, made from the schemas that check requests.
 * @param origin of the application
 */
export function openApiDocument(origin: string) {
	const paths: Record<string, Record<string, unknown>> = {};
	for (const operation of Object.values(API_OPERATIONS))
		(paths[operation.path] ??= {})[operation.method] = operationDocument(operation);
	return {
		openapi: '3.1.0',
		info: {
			title: 'Easy Corner',
			version: '1.0.0',
			description: `Coordinators’ work with people, rounds and results. Scopes: ${API_SCOPES.join(', ')}.`
		},
		servers: [{ url: `${origin}/api/${API_VERSION}` }],
		paths,
		components: {
			schemas: { Problem: problem },
			securitySchemes: {
				token: { type: 'http', scheme: 'bearer', description: 'A token made under Your account.' }
			}
		}
	};
}
