import { Type } from 'typebox';
import { requirePermission } from '$lib/server/access/require-permission';
import { DomainError } from '$lib/server/domain-error';
import { withJsonError } from '$lib/server/http/error-responses';
import { uuid } from '$lib/server/http/fields';
import { jsonReader } from '$lib/server/http/read-body';
import { undoImport } from '$lib/server/people/undo-import';
import type { RequestHandler } from './$types';

const read = jsonReader(Type.Object({ import: uuid }, { additionalProperties: false }));

/** Undoes an import of today, and tells who stays as they are. */
export const POST: RequestHandler = ({ request, locals }) =>
	withJsonError(async () => {
		if (!locals.user) throw new DomainError('not-allowed', 'sessionEnded');
		requirePermission(locals.user, 'people:change');
		const { import: id } = await read(request);
		const result = await undoImport(locals.db, locals.user, id, locals.now);
		locals.wake('judging');
		return Response.json(result);
	});
