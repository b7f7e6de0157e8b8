import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { recordTested, treeState } from '../../bin/lib/tested.mjs';

let folder = '';
const git = (...args: string[]) =>
	execFileSync('git', ['-c', 'user.name=n', '-c', 'user.email=n@example.org', ...args], { cwd: folder });

beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'easy-corner-tested-'));
	git('init', '-q');
	writeFileSync(join(folder, 'one'), '1');
	git('add', '.');
	git('commit', '-qm', 'One');
});
afterAll(() => rmSync(folder, { recursive: true }));

it('a run that passed is written down with its commit, and as clean only where nothing differed or changed', async () => {
	const before = await treeState(folder);
	expect(before).toEqual({ commit: git('rev-parse', 'HEAD').toString().trim(), clean: true });
	const at = new Date('2026-03-02T09:00:00Z');
	const files = [join(folder, 'deep/er/a.json'), join(folder, 'b.json')];
	recordTested(files, { before, after: before, passed: 3, failed: 0, at });
	const read = () => files.map((file) => JSON.parse(readFileSync(file, 'utf8')) as unknown);
	const record = { commit: before.commit, clean: true, passed: 3, failed: 0, at: at.toISOString() };
	expect(read()).toEqual([record, record]);
	const after = await treeState(folder);
	expect(after.clean).toBe(false);
	recordTested(files, { before, after, passed: 3, failed: 0, at });
	expect(read()).toEqual([
		{ ...record, clean: false },
		{ ...record, clean: false }
	]);
	expect(await treeState(tmpdir())).toEqual({ commit: '', clean: false });
});
