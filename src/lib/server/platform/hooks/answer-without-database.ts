import { error, type Handle } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { isConnectionError } from '../db/connection-error';
import { runtime } from '../runtime';

const withStatus = ({ body, headers }: Response, status: number) => new Response(body, { status, headers });

/** Answers while the database may fall silent: new and waiting requests are told so at once. */
export const answerWithoutDatabase: Handle = async ({ event, resolve }) => {
	const { watch } = runtime();
	const needsDatabase = event.route.id !== '/health';
	const isGone = () => needsDatabase && watch.isSilent;
	// The person behind the link may not be known yet: then in English.
	const failed = () => errorText('ourFault', event.locals.language);
	if (isGone()) error(503, failed());
	let off = () => {};
	const fallsSilent = new Promise<never>((_, reject) => {
		if (needsDatabase) off = watch.onSilent(() => reject(new Error('The database fell silent')));
	});
	try {
		const response = await Promise.race([resolve(event), fallsSilent]);
		// What was being requested when it fell silent has failed with it.
		const { hasLostDatabase } = event.locals;
		return response.status === 500 && (isGone() || hasLostDatabase) ? withStatus(response, 503) : response;
	} catch (thrown) {
		if (isGone() || isConnectionError(thrown)) error(503, failed());
		throw thrown;
	} finally {
		off();
	}
};
