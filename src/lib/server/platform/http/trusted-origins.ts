import type { Config } from '../config';

/** The two names of this machine. */
const TWINS: Readonly<Record<string, string>> = { '127.0.0.1': 'localhost', localhost: '127.0.0.1' };

/** Origins that count as our own: the configured one, and in the demo this machine's other name, since a passkey needs a name. */
export function trustedOrigins({ origin, mode }: Pick<Config, 'origin' | 'mode'>): string[] {
	const url = new URL(origin);
	const twin = mode === 'production' ? undefined : TWINS[url.hostname];
	return twin ? [url.origin, `${url.protocol}//${twin}${url.port ? `:${url.port}` : ''}`] : [url.origin];
}

/** The origin of a request, if it is one of our own; otherwise the configured one. */
export function requestOrigin(request: Request, config: Pick<Config, 'origin' | 'mode'>): string {
	const own = trustedOrigins(config);
	const host = request.headers.get('host');
	return own.find((one) => new URL(one).host === host) ?? own[0] ?? config.origin;
}
