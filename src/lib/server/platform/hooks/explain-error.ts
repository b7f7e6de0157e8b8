import type { HandleServerError } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { isConnectionError } from '../db/connection-error';
import { describeError, log } from '../log';

/** What a reader is told about an error; what went wrong is for the log alone. */
export const explainError: HandleServerError = ({ error, status, event }) => {
	if (status >= 500)
		log({ level: 'error', event: 'unexpected', route: event.route.id ?? 'none', ...describeError(error) });
	const { language } = event.locals;
	if (status === 404) return { message: errorText('noPageHere', language) };
	if (status === 413) return { message: errorText('tooMuchAtOnce', language) };
	if (status < 500) return { message: errorText('unreadableRequest', language) };
	if (isConnectionError(error)) event.locals.hasLostDatabase = true;
	return { message: errorText('ourFault', language) };
};
