import { readConfig, type Config } from './config';
import { openDatabase, type OpenDatabase } from './db/client';

/** What one process of the application runs on; made on first use, so that a build touches no database. */
interface Runtime extends OpenDatabase {
	readonly config: Config;
}

let made: Runtime | null = null;

/** The process's settings and database. */
export function runtime(): Runtime {
	if (!made) {
		const config = readConfig(process.env);
		made = { config, ...openDatabase(config.databaseUrl) };
	}
	return made;
}
