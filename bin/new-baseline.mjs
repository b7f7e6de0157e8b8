#!/usr/bin/env node
/**
 * Squashes all migrations into one: what drizzle-kit makes of the schema, between the SQL that it can't express. Only until somebody has
 * installed a version: a database of another baseline can't be migrated to this one.
 */
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { exec } from './lib/exec.mjs';
import { packageProgram, root } from './lib/paths.mjs';
import { PlainFault, run, say } from './lib/say.mjs';

const folder = join(root, 'drizzle');
const file = join(folder, '0000_baseline.sql');
/** @param {string} name */
const byHand = (name) => readFileSync(join(root, 'src/lib/server/platform/db/schema', name), 'utf8').trim();

await run(async () => {
	rmSync(folder, { recursive: true });
	mkdirSync(folder);
	const { output } = await exec(packageProgram('drizzle-kit'), ['generate', '--name', 'baseline'], {
		cwd: root
	});
	if (!existsSync(file)) throw new PlainFault(output);
	const tables = readFileSync(file, 'utf8').trim();
	writeFileSync(
		file,
		`${[byHand('extensions.sql'), tables, byHand('rules.sql')].join('\n--> statement-breakpoint\n')}\n`
	);
	say('The folder "drizzle" has one migration now.');
	return 0;
});
