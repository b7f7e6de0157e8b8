import { DESK_LANGUAGES } from '../../../messages/desk-language';
import { loadDeskLanguage } from '../../../messages/desk';
import { loadLanguage } from '../../../messages/language-packs';
import { LANGUAGES } from '../../../messages/languages';
import { ErasuresFileError, requireErasuresWritable } from '../../people/erasure/erasures-file';
import { requireErasuresReplayed, RestoreError } from '../../people/erasure/replay-erasures';
import { requireArchiveLoaded } from '../archive/load-archive';
import { ArchiveError } from '../archive/read-archive';
import { ConfigError, requireProductionSettings } from '../config';
import { databaseFault } from '../db/database-fault';
import { MigrationError, requireSchemaVersion } from '../db/migrate';
import { drainRequest } from '../http/drain-request';
import { describeError, log } from '../log';
import { runtime, startServices } from '../runtime';

/** What ends the start with its own sentence, which says what to do. */
const EXPLAINED = [MigrationError, ConfigError, RestoreError, ErasuresFileError, ArchiveError];

/** Before the first request: refuses settings and databases that this version can't use, and joins the queue. */
export async function startProcess(): Promise<void> {
	// An error in one request that nobody awaits any more must not end everyone else's: it is logged, and the process goes on.
	process.on('unhandledRejection', (error) =>
		log({ level: 'error', event: 'unhandled', ...describeError(error) })
	);
	drainRequest();
	try {
		const { config, db, pool } = runtime();
		if (config.mode === 'production') requireProductionSettings(process.env);
		await requireSchemaVersion(pool);
		await requireErasuresWritable(config.erasuresFile);
		await requireArchiveLoaded(db);
		await requireErasuresReplayed(db, config.erasuresFile);
		await Promise.all([...LANGUAGES.map(loadLanguage), ...DESK_LANGUAGES.map(loadDeskLanguage)]);
		await startServices();
	} catch (error) {
		const isExplained = EXPLAINED.some((kind) => error instanceof kind);
		const sentence = isExplained ? (error as Error).message : databaseFault(error);
		if (sentence === null) throw error;
		process.stderr.write(`${sentence}\n`);
		process.exit(1);
	}
}
