#!/usr/bin/env node
/** Deletes all snapshots of the schema but the newest: drizzle-kit compares with no other, and each is ten thousand lines. */
import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib/paths.mjs';

const folder = join(root, 'drizzle/meta');
const snapshots = readdirSync(folder)
	.filter((name) => name.endsWith('_snapshot.json'))
	.sort();
for (const name of snapshots.slice(0, -1)) rmSync(join(folder, name));
