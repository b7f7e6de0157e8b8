import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { eq, sql, getTableName, is } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { verifyAuditLog, sealAuditLines } from '$lib/server/platform/audit/seal-audit-log';
import Papa from 'papaparse';
import { BYTE_ORDER_MARK, csvFormatOf } from '$lib/core/people/exchange/csv';
import type { Actor } from '$lib/server/platform/actor';
import { auditLogFilterOf, exportAuditLog, readAuditLog } from '$lib/server/platform/audit/read-audit-log';
import { addNote } from '$lib/server/cases/notes';
import { readCase } from '$lib/server/cases/read-case';
import { writeToPerson } from '$lib/server/cases/messages';
import { schema } from '$lib/server/platform/db/client';
import { erasePerson, readPersonData, previewErasure } from '$lib/server/people/erasure/erase-person';
import { OF_ASSESSMENT, OF_PERSON, WITHOUT_NEWS } from '$lib/server/people/erasure/own-rows';
import { applyRetention, retentionPage, setRetention } from '$lib/server/people/erasure/retention';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { publishClosing } from '$lib/server/workforce/publish-closing';
import { saveFilter } from '$lib/server/people/saved-filters';
import { PgTable } from 'drizzle-orm/pg-core';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** Everything in the database as text, as a backup would hold it. */
function dump(): string {
	const bin = process.env.PG_BIN ?? '/usr/lib/postgresql/15/bin';
	const made = spawnSync(join(bin, 'pg_dump'), ['--data-only', desk.test.url], { maxBuffer: 1 << 28 });
	if (made.status !== 0) throw new Error(made.stderr.toString());
	return made.stdout.toString();
}

const MARKS = {
	name: 'Quillon Zephyrmark',
	email: 'quillon.zephyrmark@erase.example',
	phone: '+351 21 555 7788',
	staffNumber: 'ZQ-778812',
	note: 'a note that only this test writes, kumquat',
	message: 'a message that only this test writes, tamarind',
	answer: 'a thing that only this test has, loganberry'
};

/** Someone who has used all of it. */
async function someone(): Promise<string> {
	const { personId } = await desk.answered({ ...PAINLESS, 'thing.0.label': MARKS.answer });
	const { name, email, phone, staffNumber } = MARKS;
	await db()
		.update(schema.people)
		.set({ name, email, phone, staffNumber })
		.where(eq(schema.people.id, personId));
	await addNote(db(), desk.coordinator, { ...act(personId), text: MARKS.note }, now);
	await writeToPerson(db(), desk.coordinator, { ...act(personId), text: MARKS.message }, now);
	await readCase(db(), desk.coordinator, personId, now);
	await saveFilter(db(), desk.coordinator, { name: 'theirs', query: 'q=Quillon+Zephyrmark' });
	return personId;
}

describe('erasing someone', () => {
	it('leaves nothing of theirs in a whole dump, the record under a number that leads to nobody, and others as they were', async () => {
		const { personId: other } = await desk.answered(MIRELA);
		const personId = await someone();
		const before = dump();
		for (const mark of [MARKS.name, MARKS.email, MARKS.phone, MARKS.staffNumber, MARKS.note, MARKS.message])
			expect(before, mark).toContain(mark);
		const preview = await previewErasure(db(), desk.coordinator, personId);
		expect(preview.goes.map(({ kind }) => kind)).toEqual(
			expect.arrayContaining(['assessments', 'judgements', 'messages', 'notes', 'letters', 'plans'])
		);
		expect(preview.isWaitedFor).toBe(false);
		const lines = await db().$count(schema.auditLines, eq(schema.auditLines.personId, personId));
		expect(preview.recordLines).toBe(lines);

		await erasePerson(db(), desk.coordinator, { personId, why: 'asked' }, now);
		const after = dump();
		for (const mark of Object.values(MARKS)) expect(after, mark).not.toContain(mark);
		expect(after).not.toContain(encodeURIComponent(MARKS.email));
		expect(after).not.toContain('Quillon+Zephyrmark');
		// Their number stands in the record alone: nothing is left that it could be joined with.
		const holding = after
			.split('\nCOPY ')
			.filter((table) => table.includes(personId))
			.map((table) => table.slice(0, table.indexOf(' ')));
		expect(holding).toEqual(['public.audit_lines']);
		expect(await db().$count(schema.auditLines, eq(schema.auditLines.personId, personId))).toBe(lines + 1);
		expect(await readCase(db(), desk.coordinator, other, now)).toBeDefined();
		expect(await faultOf(erasePerson(db(), desk.coordinator, { personId, why: 'asked' }, now))).toBe(
			'not-found'
		);
	});

	it('waits for the outcome of a warning sign, and is for coordinators', async () => {
		const { personId } = await desk.answered({ ...PAINLESS, 'sign.chest-pain': 'yes' });
		expect((await previewErasure(db(), desk.coordinator, personId)).isWaitedFor).toBe(true);
		expect(await faultOf(erasePerson(db(), desk.coordinator, { personId, why: 'asked' }, now))).toBe(
			'conflict'
		);
		for (const actor of [desk.reader, desk.clinician])
			expect(await faultOf(erasePerson(db(), actor, { personId, why: 'asked' }, now))).toBe('not-allowed');
	});
});

describe('what month-end totals count of someone', () => {
	it('no longer says of whom once they withdraw or are erased', async () => {
		const people = [];
		for (let i = 0; i < 6; i += 1) people.push(await desk.answered(PAINLESS));
		await publishClosing(db(), '2026-03-31', new Date('2026-04-01T09:00:00Z'));
		const statesOf = (personId: string) =>
			db().$count(schema.publishedStates, eq(schema.publishedStates.personId, personId));
		const all = await db().$count(schema.publishedStates);
		const [first, second, third] = people;
		if (!first || !second || !third) throw new Error('Six people have answered');
		expect(await statesOf(first.personId)).toBe(1);
		await withdrawAnswers(db(), first.open, now);
		await erasePerson(db(), desk.coordinator, { personId: second.personId, why: 'asked' }, now);
		expect([await statesOf(first.personId), await statesOf(second.personId)]).toEqual([0, 0]);
		expect(await statesOf(third.personId)).toBe(1);
		expect(await db().$count(schema.publishedStates)).toBe(all);
	});
});

describe('everything that is known of someone', () => {
	it('holds what they gave and what was written to and about them, and no secret', async () => {
		const { personId, token } = await desk.answered(MIRELA);
		await addNote(db(), desk.coordinator, { ...act(personId), text: 'given out' }, now);
		await addNote(db(), desk.coordinator, { ...act(personId), text: 'kept back' }, now);
		await db().update(schema.notes).set({ isDisclosed: false }).where(eq(schema.notes.text, 'kept back'));
		await writeToPerson(db(), desk.coordinator, { ...act(personId), text: 'hello there' }, now);
		await readCase(db(), desk.second, personId, now);
		const all = await readPersonData(db(), desk.coordinator, { personId, as: 'viewed' }, now);
		const text = JSON.stringify(all);
		expect(all.assessments[0]?.answers).toMatchObject({ stature: MIRELA.stature });
		expect(text).toContain('hello there');
		expect(text).toContain('given out');
		expect(text).not.toContain('kept back');
		expect(text).not.toContain(token);
		expect(text).not.toMatch(/tokenHash|linkPath/);
		// Who looked stands there too, and that it was taken along.
		expect(all.record).toEqual(
			expect.arrayContaining([expect.objectContaining({ act: 'case-read', name: 'two' })])
		);
		const again = await readPersonData(db(), desk.coordinator, { personId, as: 'viewed' }, now);
		expect(again.record.some((line) => line.act === 'person-data-viewed')).toBe(true);
	});

	it('names every table with rows of a person: a new one fails here', async () => {
		const { rows } = await db().execute<{ table: string }>(
			sql`select distinct table_name as table from information_schema.columns
				where table_schema = 'public' and column_name in ('person_id', 'assessment_id', 'plan_id', 'referral_id')`
		);
		const named = [...Object.values(OF_PERSON), ...Object.values(OF_ASSESSMENT)].map((table) =>
			is(table, PgTable) ? getTableName(table) : ''
		);
		const known = [...named, ...WITHOUT_NEWS, 'step_events', 'referral_lines', 'audit_lines'];
		expect(rows.map(({ table }) => table).filter((table) => !known.includes(table))).toEqual([]);
	});
});

describe('how long data is kept', () => {
	it('is shown before it holds, erases whose time is over, and leaves who waits for an outcome', async () => {
		const old = await desk.answered(PAINLESS);
		const waiting = await desk.answered({ ...PAINLESS, 'sign.chest-pain': 'yes' });
		const fresh = await desk.answered(PAINLESS);
		for (const { personId } of [old, waiting])
			await db()
				.update(schema.people)
				.set({ leftAt: new Date('2023-02-01T00:00:00Z') })
				.where(eq(schema.people.id, personId));
		const thought = { yearsAfterLeaving: 3, yearsAfterAnswer: null };
		const page = () => retentionPage(db(), desk.coordinator, thought, now, 'UTC');
		expect((await page()).concerned.map(({ id }) => id).sort()).toEqual(
			[old.personId, waiting.personId].sort()
		);
		await db()
			.update(schema.retention)
			.set({ lookedAt: desk.later(-60), steadySince: desk.later(-8 * 24 * 60) });
		// Thought of only: nobody goes.
		expect(await applyRetention(db(), now, 'UTC')).toBe(0);
		await setRetention(db(), desk.coordinator, { ...thought, version: 1 }, now);
		expect(await faultOf(setRetention(db(), desk.second, { ...thought, version: 1 }, now))).toBe('conflict');
		expect(await applyRetention(db(), now, 'UTC')).toBe(1);
		expect((await page()).concerned.map(({ id }) => id)).toEqual([waiting.personId]);
		expect(await db().$count(schema.people, eq(schema.people.id, fresh.personId))).toBe(1);
		const [line] = await db()
			.select()
			.from(schema.auditLines)
			.where(eq(schema.auditLines.personId, old.personId))
			.orderBy(sql`id desc`)
			.limit(1);
		expect(line).toMatchObject({ act: 'person-erased', actorKind: 'system', detail: { why: 'retention' } });
	});

	it('goes by the last answer, and by nothing where nothing is said', async () => {
		const { personId } = await desk.answered(PAINLESS);
		await db()
			.update(schema.assessments)
			.set({ answeredAt: new Date('2020-01-01T00:00:00Z') })
			.where(eq(schema.assessments.personId, personId));
		const of = (yearsAfterAnswer: number | null) =>
			retentionPage(db(), desk.coordinator, { yearsAfterLeaving: null, yearsAfterAnswer }, now, 'UTC');
		expect((await of(6)).concerned.map(({ id }) => id)).toContain(personId);
		expect((await of(7)).concerned.map(({ id }) => id)).not.toContain(personId);
		expect((await of(null)).concerned).toEqual([]);
	});
});

describe('the record', () => {
	const record = (query: string) =>
		readAuditLog(db(), desk.coordinator, auditLogFilterOf(new URLSearchParams(query)), now);

	it('is searched by who, what, about whom and when; that it was read is on it', async () => {
		const { personId } = await desk.answered(MIRELA);
		await readCase(db(), desk.second, personId, now);
		const found = await record(`person=${personId}&user=${desk.second.id}`);
		expect(found.lines.map(({ act }) => act)).toEqual(['case-read']);
		expect(found.lines[0]).toMatchObject({ user: 'two', personId });
		expect((await record('act=record-read')).lines.length).toBeGreaterThan(0);
		expect((await record(`person=${personId}&until=2026-03-01`)).lines).toEqual([]);
		for (const odd of [
			'act=x',
			'user=%00',
			'from=2026-99-99',
			'until=2026-02-30',
			'from=0000-01-01',
			'before=-1',
			'person=1'
		])
			expect((await record(odd)).lines.length, odd).toBeGreaterThan(0);
	});

	it('is downloaded whole, in words, and that it was is on it', async () => {
		const { personId } = await desk.answered(MIRELA);
		const words = {
			headings: ['Line', 'When', 'Person', 'Action', 'About', 'Details'],
			wordsOf: {
				by: (kind: string) => `by ${kind}`,
				act: (act: string) => `act ${act}`,
				details: (detail: object) => JSON.stringify(detail)
			}
		};
		const download = async (query: string, actor: Actor = desk.coordinator) => {
			const filter = auditLogFilterOf(new URLSearchParams(query));
			let csv = '';
			const format = csvFormatOf('de');
			for await (const part of exportAuditLog(db(), actor, { filter, format, words }, now)) csv += part;
			return Papa.parse<string[]>(csv.replace(BYTE_ORDER_MARK, ''), { delimiter: ';', skipEmptyLines: true })
				.data;
		};
		const [headings, ...rows] = await download(`person=${personId}`);
		expect(headings).toEqual(words.headings);
		const { lines } = await record(`person=${personId}`);
		// Downloading and reading it are on it, too: the two newest lines.
		expect(rows.map(([id]) => id).slice(1)).toEqual(
			lines.filter(({ act }) => !act.startsWith('record-')).map(({ id }) => id)
		);
		expect(rows.map(([, , , act]) => act)).toContain('act consented');
		expect((await record('act=record-exported')).lines.length).toBeGreaterThan(0);
		const everything = await download('');
		expect(everything.length - 1).toBeGreaterThan(rows.length);
		expect(await faultOf(download('', desk.second))).toBe('not-allowed');
	});

	it('is for coordinators who have the right', async () => {
		for (const actor of [desk.reader, desk.clinician])
			expect(await faultOf(readAuditLog(db(), actor, auditLogFilterOf(new URLSearchParams()), now))).toBe(
				'not-allowed'
			);
		expect(await faultOf(readAuditLog(db(), desk.second, auditLogFilterOf(new URLSearchParams()), now))).toBe(
			'not-allowed'
		);
	});

	it('is a chain: sealed once each, in turn, and every change and loss shows', async () => {
		while ((await sealAuditLines(db(), now)).n > 0);
		const whole = await verifyAuditLog(db(), now, true);
		expect(whole).toMatchObject({ brokenAt: null });
		expect(whole.n).toBe(await db().$count(schema.auditLines));
		// Four processes at once make one chain.
		const { personId } = await desk.answered(PAINLESS);
		const sealed = await Promise.all(Array.from({ length: 4 }, () => sealAuditLines(db(), now)));
		expect(sealed.filter(({ n }) => n > 0)).toHaveLength(1);
		expect((await verifyAuditLog(db(), now, true)).brokenAt).toBeNull();
		expect(personId).toBeDefined();
		// The application can change neither; who owns the tables can, and it shows.
		for (const statement of [
			sql`update audit_lines set act = 'x'`,
			sql`delete from audit_lines`,
			sql`update audit_seals set hash = 'x'`,
			sql`truncate audit_seals`
		])
			await expect(db().execute(statement)).rejects.toThrow();
		const [line] = await db()
			.select()
			.from(schema.auditLines)
			.orderBy(sql`id offset 5`)
			.limit(1);
		await db().execute(sql`alter table audit_lines disable trigger audit_lines_append_only`);
		await db().execute(sql`update audit_lines set detail = '{"x":1}' where id = ${line?.id}`);
		expect((await verifyAuditLog(db(), now, true)).brokenAt).toBe(line?.id);
		await db().execute(
			sql`update audit_lines set detail = ${JSON.stringify(line?.detail)}::jsonb where id = ${line?.id}`
		);
		expect((await verifyAuditLog(db(), now, true)).brokenAt).toBeNull();
		// From the last check that found it whole on, only what is new is looked at; all of it whenever someone asks.
		expect(await verifyAuditLog(db(), now, false)).toMatchObject({
			n: 0,
			since: now,
			brokenAt: null,
			missing: 0
		});
		await db().execute(sql`delete from audit_lines where id = ${line?.id}`);
		expect((await verifyAuditLog(db(), now, true)).brokenAt).toBe(line?.id);
	});

	it('shows a line that is taken out before it was sealed, and one that was put in past the program', async () => {
		while ((await sealAuditLines(db(), now)).n > 0);
		const before = (await sealAuditLines(db(), now)).missing;
		await desk.answered(PAINLESS);
		await db().execute(sql`delete from audit_lines where id = (select max(id) from audit_lines)`);
		expect((await sealAuditLines(db(), now)).missing).toBe(before + 1);
		expect((await verifyAuditLog(db(), now, true)).missing).toBe(before + 1);
		await db().execute(sql`alter table audit_lines disable trigger audit_lines_counted`);
		await db().execute(
			sql`insert into audit_lines (at, actor_kind, act) select now(), 'system', 'signed-in' from generate_series(1, 3)`
		);
		await db().execute(sql`alter table audit_lines enable trigger audit_lines_counted`);
		expect((await sealAuditLines(db(), now)).missing).toBe(before - 2);
	});
});
