import { ROSTER_FIELDS, type ColumnMap } from '$lib/core/exchange';
import { needCoordinator } from '$lib/server/actor';
import { importPeople } from '$lib/server/people/import-people';
import { Fault } from '$lib/server/fault';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { jsonReader, LARGEST_IMPORT_BYTES } from '$lib/server/http/read-body';
import type { RequestHandler } from './$types';

const column = { anyOf: [{ type: 'integer', minimum: 0, maximum: 200 }, { type: 'null' }] } as const;

const read = jsonReader<{ lines: string[][]; columns: ColumnMap; apply: boolean }>(
	{
		type: 'object',
		additionalProperties: false,
		required: ['lines', 'columns', 'apply'],
		properties: {
			lines: {
				type: 'array',
				minItems: 1,
				maxItems: 200_000,
				items: { type: 'array', maxItems: 201, items: { type: 'string', maxLength: 2000 } }
			},
			columns: {
				type: 'object',
				additionalProperties: false,
				required: [...ROSTER_FIELDS],
				properties: Object.fromEntries(ROSTER_FIELDS.map((field) => [field, column]))
			},
			apply: { type: 'boolean' }
		}
	},
	LARGEST_IMPORT_BYTES
);

/** Takes a list in, or tells what taking it in would do. */
export const POST: RequestHandler = ({ request, locals }) =>
	orJsonFault(async () => {
		if (!locals.user) throw new Fault('not-allowed', 'Sign in again: your session has ended.');
		// Asked before the list is read: it may be long.
		needCoordinator(locals.user);
		const input = await read(request);
		return Response.json(await importPeople(locals.db, locals.user, input, locals.now));
	});
