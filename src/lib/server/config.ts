/** How the program is run: `demo` and `development` show the simulated post office. */
export type Mode = 'production' | 'demo' | 'development';

/** Settings from the environment. */
export interface Config {
	readonly databaseUrl: string;
	readonly mode: Mode;
	/** IANA time zone that the coordinator's "today" is in. */
	readonly timeZone: string;
}

/** A setting that can't be used; the text says which and what to do. */
export class ConfigFault extends Error {}

function modeOf(text: string | undefined): Mode {
	if (text === undefined || text === '') return 'production';
	if (text === 'production' || text === 'demo' || text === 'development') return text;
	throw new ConfigFault(`EASY_CORNER_MODE must be production, demo or development, not "${text}".`);
}

function timeZoneOf(text: string | undefined): string {
	const zone = text || 'UTC';
	try {
		return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone;
	} catch {
		throw new ConfigFault(
			`EASY_CORNER_TIME_ZONE must be an IANA time zone such as Europe/Lisbon, not "${zone}".`
		);
	}
}

/** Reads the settings; throws a {@link ConfigFault} where one is missing or wrong. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
	if (!env.DATABASE_URL)
		throw new ConfigFault('DATABASE_URL is missing: set it to a PostgreSQL connection string.');
	return {
		databaseUrl: env.DATABASE_URL,
		mode: modeOf(env.EASY_CORNER_MODE),
		timeZone: timeZoneOf(env.EASY_CORNER_TIME_ZONE)
	};
}
