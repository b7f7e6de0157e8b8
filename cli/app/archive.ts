import { createWriteStream, existsSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import { makePrivateFile } from '../../bin/lib/backup.mjs';
import { openArchive } from '../../src/lib/server/platform/archive/download-archive';
import { loadArchive } from '../../src/lib/server/platform/archive/load-archive';
import { openLongConnection } from '../../src/lib/server/platform/db/client';
import { newestMigration, requireSchemaVersion } from '../../src/lib/server/platform/db/migrate';
import { drawSideViews } from '../../src/lib/ui/workstation/side-view/section-svg';
import { migrationUrl, needFile, say, withDatabase } from './database-commands';
import { CommandFault, USAGE } from './usage';

/** Tells how far it is, at each tenth. */
function tenths(): (done: number, all: number) => void {
	let shown = 0;
	return (done, all) => {
		const tenth = Math.floor((done / all) * 10);
		if (tenth <= shown) return;
		shown = tenth;
		say(`${tenth * 10} %`);
	};
}

async function write(file: string): Promise<void> {
	await withDatabase(async ({ pool }) => {
		await requireSchemaVersion(pool);
		const archive = await openArchive({ pool, draw: drawSideViews }, null);
		makePrivateFile(file);
		try {
			await pipeline(archive, createWriteStream(file));
		} catch (error) {
			// Half an archive is none.
			await rm(file, { force: true });
			throw error;
		}
	});
	say(
		`Written to ${file}, readable for you alone: it holds health data. Encrypt it before it leaves this machine.`
	);
}

async function load(file: string): Promise<void> {
	if (!existsSync(file)) throw new CommandFault(`There is no file ${file}.`);
	await withDatabase(async ({ pool }) => {
		await requireSchemaVersion(pool);
		const client = await openLongConnection(pool);
		try {
			const of = { schema: newestMigration(), now: new Date(), onFile: tenths() };
			const { rows, isResumed } = await loadArchive(client, file, of);
			const people = rows['people'] ?? 0;
			say(
				`${isResumed ? 'The interrupted load is complete' : 'Loaded'}: ${people === 1 ? 'one person' : `${people} people`}.`
			);
			say(
				'Now run "replay-erasures FILE" with the other server’s file of erasures, or an empty one if nobody was erased there; the program refuses to start before.'
			);
			say(
				'Accounts have no password yet: "user password EMAIL" gives one, or its owner asks for a link at the sign-in.'
			);
		} finally {
			await client.end();
		}
	}, migrationUrl());
}

/** Writes everything the organisation has as an archive of open formats, or loads one into an empty database. */
export async function archive([what, name, ...more]: readonly string[]): Promise<void> {
	const act = { write, load }[what ?? ''];
	if (!act || more.length > 0) throw new CommandFault(USAGE);
	await act(needFile(name));
}
