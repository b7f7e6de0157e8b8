import { Type } from 'typebox';
import { ROSTER_FIELDS, type RosterField } from '$lib/core/exchange';
import { needCoordinator } from '$lib/server/actor';
import { importPeople } from '$lib/server/people/import-people';
import { Fault } from '$lib/server/fault';
import { text } from '$lib/server/http/fields';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { jsonReader, LARGEST_IMPORT_BYTES } from '$lib/server/http/read-body';
import type { RequestHandler } from './$types';

const column = Type.Unsafe<number | null>({ type: ['integer', 'null'], minimum: 0, maximum: 200 });

const read = jsonReader(
	Type.Object(
		{
			lines: Type.Array(Type.Array(text(2000), { maxItems: 201 }), { minItems: 1, maxItems: 200_000 }),
			columns: Type.Object(
				Object.fromEntries(ROSTER_FIELDS.map((field) => [field, column])) as Record<
					RosterField,
					typeof column
				>,
				{ additionalProperties: false }
			),
			apply: Type.Boolean()
		},
		{ additionalProperties: false }
	),
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
