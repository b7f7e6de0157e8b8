import { Type } from 'typebox';
import {
	MAX_JOINED_COLUMNS,
	ROSTER_COLUMNS,
	type RosterColumn
} from '$lib/core/people/exchange/roster-fields';
import { requirePermission } from '$lib/server/platform/access/require-permission';
import { compareAgain } from '$lib/server/people/directory/directory-page';
import { importPeople } from '$lib/server/people/import-people';
import { undoImport } from '$lib/server/people/undo-import';
import { DomainError } from '$lib/server/platform/domain-error';
import { text, uuid } from '$lib/server/platform/http/fields';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { MAX_IMPORT_BYTES, jsonReader, listReader } from '$lib/server/platform/http/read-body';
import type { RequestHandler } from './$types';

const joined = Type.Array(Type.Integer({ minimum: 0, maximum: 200 }), { maxItems: MAX_JOINED_COLUMNS });
const count = Type.Integer({ minimum: 0, maximum: 200_000 });

const read = listReader(
	Type.Object(
		{
			columns: Type.Object(
				Object.fromEntries(ROSTER_COLUMNS.map((field) => [field, joined])) as Record<
					RosterColumn,
					typeof joined
				>,
				{ additionalProperties: false }
			),
			/** Titles may stand above the headings. */
			firstRow: Type.Integer({ minimum: 1, maximum: 100 }),
			headings: text(4000),
			leaveOut: Type.Boolean(),
			renames: Type.Array(uuid, { maxItems: 1000, uniqueItems: true }),
			apply: Type.Union([
				Type.Null(),
				Type.Object(
					{
						key: uuid,
						added: count,
						changed: count,
						leaveAbsent: Type.Boolean(),
						takeBack: Type.Boolean()
					},
					{ additionalProperties: false }
				)
			])
		},
		{ additionalProperties: false }
	),
	Type.Array(text(2000), { maxItems: 201 }),
	{ bytes: MAX_IMPORT_BYTES, lines: 200_000 }
);

/** Takes a list in, or tells what taking it in would do. */
export const POST: RequestHandler = ({ request, locals }) =>
	withJsonError(async () => {
		if (!locals.user) throw new DomainError('not-allowed', 'sessionEnded');
		// Asked before the list is read: it may be long.
		requirePermission(locals.user, 'people:change');
		const { head, lines } = await read(request);
		return Response.json(await importPeople(locals.db, locals.user, { ...head, lines }, locals.now));
	});

const readUndo = jsonReader(Type.Object({ import: uuid }, { additionalProperties: false }));

/** Undoes an import of today, and tells who stays as they are. */
export const DELETE: RequestHandler = ({ request, locals }) =>
	withJsonError(async () => {
		if (!locals.user) throw new DomainError('not-allowed', 'sessionEnded');
		requirePermission(locals.user, 'people:change');
		const { import: id } = await readUndo(request);
		const result = await undoImport(locals.db, locals.user, id, locals.now);
		await compareAgain(locals.db, locals.now);
		return Response.json(result);
	});
