import { deskLocale } from '$lib/messages/desk-language';
import { fhirBundleOf } from '$lib/server/platform/fhir/export-fhir';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** A person's answers, discomfort, warning signs and referrals as a FHIR bundle. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const as = { locale: deskLocale(), now: locals.now };
		const bundle = await fhirBundleOf(locals.db, signedIn(locals), params.id, as);
		return new Response(JSON.stringify(bundle, null, '\t'), {
			headers: {
				'content-type': 'application/fhir+json',
				'content-disposition': `attachment; filename="person-${params.id}.fhir.json"`
			}
		});
	});
