import { isPlainFault } from '../../bin/lib/say.mjs';
import { errorText } from '../../src/lib/messages/error-text';
import { ConfigError } from '../../src/lib/server/platform/config';
import { databaseFault } from '../../src/lib/server/platform/db/database-fault';
import { MigrationError } from '../../src/lib/server/platform/db/migrate';
import { ErasuresFileError } from '../../src/lib/server/people/erasure/erasures-file';
import { ArchiveError } from '../../src/lib/server/platform/archive/read-archive';
import { RestoreError } from '../../src/lib/server/people/erasure/replay-erasures';
import { DomainError } from '../../src/lib/server/platform/domain-error';
import { CommandFault } from './usage';

/** Errors whose message is already one sentence that says what to do. */
const TOLD = [CommandFault, ConfigError, MigrationError, RestoreError, ErasuresFileError, ArchiveError];

/**
 * A fault of a command as one sentence with the remedy. One that nobody foresaw is named by its kind alone, since messages of the database
 * contain values; with `EASY_CORNER_TRACE=1` its trace follows.
 */
export function faultSentence(error: unknown): string {
	if (error instanceof DomainError) return errorText(error.why);
	if (error instanceof Error && (TOLD.some((kind) => error instanceof kind) || isPlainFault(error)))
		return error.message;
	const told = databaseFault(error);
	if (told !== null) return told;
	const { name, code } = (error ?? {}) as { name?: string; code?: string };
	return `Something failed that shouldn’t (${[name, code].filter(Boolean).join(' ')}): run the command again with EASY_CORNER_TRACE=1, and report what it prints.`;
}
