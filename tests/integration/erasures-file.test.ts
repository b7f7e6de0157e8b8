import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { erasePerson } from '$lib/server/people/erasure/erase-person';
import { ErasuresFileError, writeErasures, readErasures } from '$lib/server/people/erasure/erasures-file';
import {
	requireErasuresReplayed,
	recordRestore,
	replayErasures,
	RestoreError
} from '$lib/server/people/erasure/replay-erasures';
import { Desk } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
let desk: Desk;
let folder: string;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
	folder = mkdtempSync(join(tmpdir(), 'easy-corner-erasures-'));
});
afterAll(async () => {
	rmSync(folder, { recursive: true, force: true });
	await desk.test.drop();
});

const erase = async () => {
	const personId = await desk.person();
	await erasePerson(db(), desk.coordinator, { personId, why: 'asked' }, now);
	return personId;
};

describe('who was erased', () => {
	it('is added once by number, by however many processes, to a file that nobody else reads', async () => {
		const file = join(folder, 'once.jsonl');
		const erased = [await erase(), await erase()];
		const added = await Promise.all(Array.from({ length: 4 }, () => writeErasures(db(), file)));
		expect(added.reduce((sum, n) => sum + n)).toBe(2);
		erased.push(await erase());
		await writeErasures(db(), file);
		expect((await readErasures(file)).map(({ person }) => person)).toEqual(erased);
		expect((statSync(file).mode & 0o777).toString(8)).toBe('600');
		await requireErasuresReplayed(db(), file);
	});

	it('keeps the door closed where the database is older than the file, until it was gone through', async () => {
		const file = join(folder, 'older.jsonl');
		const stays = await desk.person();
		const line = { at: now.toISOString(), line: '999999999', person: '00000000-0000-4000-8000-000000000001' };
		writeFileSync(file, `${JSON.stringify(line)}\n`);
		await expect(requireErasuresReplayed(db(), file)).rejects.toThrow(RestoreError);
		expect(await replayErasures(db(), file, now)).toBe(0);
		await requireErasuresReplayed(db(), file);
		// What is erased from then on is added again, whatever numbers stood there before.
		const later = await erase();
		expect(await writeErasures(db(), file)).toBe(1);
		expect((await readErasures(file)).at(-1)?.person).toBe(later);
		await recordRestore(db(), now);
		await expect(requireErasuresReplayed(db(), '')).rejects.toThrow('replay-erasures');
		expect(await replayErasures(db(), file, now)).toBe(0);
		await requireErasuresReplayed(db(), '');
		expect(await db().execute(sql`select 1 from people where id = ${stays}`)).toMatchObject({ rowCount: 1 });
	});

	it('is told by line where the file can’t be read, and nothing is done then', async () => {
		const file = join(folder, 'broken.jsonl');
		writeFileSync(file, '{"at":"x","line":"1","person":null}\n{"at":"x","line":"1","person":"Ada"}\n');
		await expect(readErasures(file)).rejects.toThrow(ErasuresFileError);
		await expect(replayErasures(db(), file, now)).rejects.toThrow('Line 2');
		expect(readFileSync(file, 'utf8')).toContain('Ada');
	});
});
