import { deskLocale } from '$lib/messages/desk-language';
import { requirePermission } from '$lib/server/platform/access/require-permission';
import { exportFhir } from '$lib/server/platform/fhir/export-fhir';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { fileStream } from '$lib/server/platform/http/file-stream';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** The people of the list as one FHIR bundle, streamed while it is read: for a workforce of any size. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const actor = signedIn(locals);
		// Refused before anything is sent.
		requirePermission(actor, 'people:export');
		const wanted = { filter: filterOfQuery(url.searchParams), locale: deskLocale() };
		return fileStream(
			{ name: 'people.fhir.json', type: 'application/fhir+json' },
			exportFhir(locals.db, actor, wanted, locals.now)
		);
	});
