/** The program on a server, by one command: what it takes to install, start, update, back up and restore it. */
import { isPlainFault } from '../bin/lib/say.mjs';
import { errorText } from '../src/lib/messages/error-text';
import { ConfigError, requireProductionSettings, readConfig } from '../src/lib/server/config';
import { MigrationError } from '../src/lib/server/db/migrate';
import { ErasuresFileError } from '../src/lib/server/erasure/erasures-file';
import { ArchiveError } from '../src/lib/server/archive/read-archive';
import { RestoreError } from '../src/lib/server/erasure/replay-erasures';
import { DomainError } from '../src/lib/server/domain-error';
import { user } from './app/user';
import { archive } from './app/archive';
import { check } from './app/check';
import { backup, migrate, replay, restore } from './app/database-commands';
import { CommandFault, USAGE } from './app/usage';

/** Serves people: on this machine alone unless a setting says otherwise, since the proxy in front of it speaks HTTPS. */
async function start(): Promise<void> {
	if (readConfig(process.env).mode === 'production') requireProductionSettings(process.env);
	process.env.HOST ||= '127.0.0.1';
	process.env.BODY_SIZE_LIMIT ||= '25M';
	// Longer than what stands before it keeps a connection: who closes first must not be the one that is being asked.
	process.env.KEEP_ALIVE_TIMEOUT ||= '75';
	process.env.HEADERS_TIMEOUT ||= '80';
	process.env.NODE_ENV ||= 'production';
	await import(/* @vite-ignore */ new URL('./index.js', import.meta.url).href);
}

const COMMANDS: Readonly<Record<string, (args: readonly string[]) => Promise<unknown>>> = {
	start,
	check: async () => {
		if (!(await check())) process.exitCode = 1;
	},
	migrate,
	user,
	archive,
	backup,
	restore,
	'replay-erasures': replay
};

/** Faults that say in one sentence what to do; anything else is a fault of ours, with its trace. */
function sentenceOf(error: unknown): string | null {
	if (error instanceof DomainError) return errorText(error.why);
	const isTold = [
		CommandFault,
		ConfigError,
		MigrationError,
		RestoreError,
		ErasuresFileError,
		ArchiveError
	].some((kind) => error instanceof kind);
	return error instanceof Error && (isTold || isPlainFault(error)) ? error.message : null;
}

const [command = '', ...args] = process.argv.slice(2);
try {
	const chosen = Object.hasOwn(COMMANDS, command) ? COMMANDS[command] : undefined;
	if (!chosen) throw new CommandFault(USAGE);
	await chosen(args);
} catch (error) {
	const sentence = sentenceOf(error);
	if (sentence === null) throw error;
	process.stderr.write(`${sentence}\n`);
	process.exitCode = 1;
}
