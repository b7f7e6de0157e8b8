import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { exec } from './exec.mjs';

/** @typedef {{ commit: string, clean: boolean }} TreeState the commit that is checked out, and whether nothing differs from it */

/**
 * What is about to be tested; outside a repository a commit without a name.
 * @param {string} cwd
 * @returns {Promise<TreeState>}
 */
export async function treeState(cwd) {
	const head = await exec('git', ['rev-parse', 'HEAD'], { cwd });
	const status = await exec('git', ['status', '--porcelain'], { cwd });
	if (head.code !== 0 || status.code !== 0) return { commit: '', clean: false };
	return { commit: head.output.trim(), clean: status.output.trim() === '' };
}

/**
 * Writes down that all tests passed, for whoever has to know later which commit that was true of.
 * @param {string[]} files where to
 * @param {{ before: TreeState, after: TreeState, passed: number, failed: number, at: Date }} run the tree before and after it: a run during
 *   which something changed is not of a clean commit
 */
export function recordTested(files, { before, after, passed, failed, at }) {
	const clean = before.clean && after.clean && before.commit === after.commit;
	const record = { commit: before.commit, clean, passed, failed, at: at.toISOString() };
	for (const file of files) {
		mkdirSync(dirname(file), { recursive: true });
		writeFileSync(file, `${JSON.stringify(record)}\n`);
	}
}
