import { readConfig, type Config } from './config';
import { openDatabase, type OpenDatabase } from './db/client';
import { PlanPool } from './planning/plan-pool';
import type { Planning } from './planning/planning';

/** What one process of the application runs on; made on first use, so that a build touches no database. */
interface Runtime extends OpenDatabase {
	readonly config: Config;
	readonly planning: Planning;
}

let made: Runtime | null = null;

/** The process's settings, database and planning threads. */
export function runtime(): Runtime {
	if (!made) {
		const config = readConfig(process.env);
		made = { config, planning: new PlanPool(), ...openDatabase(config.databaseUrl) };
	}
	return made;
}
