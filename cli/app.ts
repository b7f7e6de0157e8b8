/** The program on a server, by one command: what it takes to install, start, update, back up and restore it. */
import { requireProductionSettings, readConfig } from '../src/lib/server/platform/config';
import { user } from './app/user';
import { archive } from './app/archive';
import { check } from './app/check';
import { backup, migrate, replay, restore } from './app/database-commands';
import { faultSentence } from './app/fault-sentence';
import { CommandFault, USAGE } from './app/usage';

/** Serves people: on this machine alone unless a setting says otherwise, since the proxy in front of it speaks HTTPS. */
async function start(): Promise<void> {
	if (readConfig(process.env).mode === 'production') requireProductionSettings(process.env);
	process.env.HOST ||= '127.0.0.1';
	process.env.BODY_SIZE_LIMIT ||= '25M';
	// Longer than what stands before it keeps a connection: who closes first must not be the one that is being asked.
	process.env.KEEP_ALIVE_TIMEOUT ||= '75';
	process.env.HEADERS_TIMEOUT ||= '80';
	// Downloads under way are cut off after this long when it is asked to end, s: it has gone before what started it loses patience.
	process.env.SHUTDOWN_TIMEOUT ||= '4';
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

const [command = '', ...args] = process.argv.slice(2);
try {
	const chosen = Object.hasOwn(COMMANDS, command) ? COMMANDS[command] : undefined;
	if (!chosen) throw new CommandFault(USAGE);
	await chosen(args);
} catch (error) {
	process.stderr.write(`${faultSentence(error)}\n`);
	if (process.env.EASY_CORNER_TRACE) process.stderr.write(`${(error as Error).stack ?? ''}\n`);
	process.exitCode = 1;
}
