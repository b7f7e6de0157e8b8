/** What a server or the system says by these codes, as what to do about it (PostgreSQL's appendix A; Node.js's system errors). */
const REMEDIES: readonly (readonly [codes: RegExp, words: (at: string) => string])[] = [
	[
		/^28(?:P01|000)$/,
		(at) =>
			`The database${at} refuses this user or password: correct the address in the settings, or give the role that password.`
	],
	[/^3D000$/, (at) => `The database${at} doesn’t exist: create it, or correct the address in the settings.`],
	[
		/^E(?:CONNREFUSED|HOSTUNREACH|NETUNREACH|TIMEDOUT|AI_AGAIN|NOTFOUND|CONNRESET|PIPE)$|^57P0|^08/,
		(at) => `The database${at} doesn’t answer: start PostgreSQL, or correct the address in the settings.`
	],
	[
		/^53300$/,
		(at) => `The database${at} has no connection left: stop what uses it, or raise max_connections.`
	],
	[
		/^42501$/,
		(at) =>
			`The role that signs in to the database${at} may not do this: use the role that the guide for administrators names for it.`
	],
	[
		/^(?:42P01|42703|3F000)$/,
		(at) => `The database${at} isn’t of this version: run "npm run app -- migrate" first.`
	]
];

const codeOf = (error: unknown): string => {
	const { code, cause, errors } = (error ?? {}) as { code?: unknown; cause?: unknown; errors?: unknown[] };
	if (typeof code === 'string' && code !== '') return code;
	// Drizzle wraps the client's error, and Node.js those of several addresses.
	return cause ? codeOf(cause) : errors?.[0] ? codeOf(errors[0]) : '';
};

/**
 * Why the database can't be used, as one sentence that says what to do; null for anything else. It contains no value of a statement.
 * @param url the address it was tried at, if it is to be named; its password is left out
 */
export function databaseFault(error: unknown, url?: string): string | null {
	const code = codeOf(error);
	const words = REMEDIES.find(([codes]) => codes.test(code))?.[1];
	return words?.(url ? ` at ${placeOf(url)}` : '') ?? null;
}

function placeOf(url: string): string {
	const { username, host, pathname } = new URL(url);
	return `${host}${pathname}, as ${decodeURIComponent(username) || 'nobody'}`;
}
