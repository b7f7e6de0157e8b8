import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
	requestPasswordReset,
	setPasswordByLink,
	closeAccount,
	inviteUser,
	listSessions
} from '$lib/server/platform/accounts/accounts';
import { SHIPPED_SETTINGS } from '$lib/core/cases/triage/policy-settings';
import { endSessions, readSession } from '$lib/server/platform/access/sessions';
import { signIn } from '$lib/server/platform/access/sign-in';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { followUpFeed, renewCalendarFeed } from '$lib/server/platform/calendar/follow-up-feed';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { decideEquipment, equipmentOf } from '$lib/server/plan/equipment/decide-equipment';
import { openHazardsOf } from '$lib/server/cases/case-page';
import { answerCheckIn } from '$lib/server/cases/check-ins/answer-check-in';
import { contactsOf } from '$lib/server/cases/contacts/record-contact';
import { findingsAskedAbout } from '$lib/server/cases/findings/finding-states';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
import { messagesOf, writeToCoordinator, writeToPerson } from '$lib/server/cases/messages';
import { addNote } from '$lib/server/cases/notes';
import { readCase } from '$lib/server/cases/read-case';
import { reopenCase, settleCase, settleCases } from '$lib/server/cases/settle-case';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { linkPathToSend } from '$lib/server/platform/email/personal-link';
import { schema } from '$lib/server/platform/db/client';
import { readView } from '$lib/server/workforce/view';
import { followUpsBetween, followUpsPerDay } from '$lib/server/cases/follow-ups/list-follow-ups';
import { finishFollowUp, finishFollowUps } from '$lib/server/cases/follow-ups/set-follow-up';
import { actInBulk } from '$lib/server/people/act-in-bulk';
import { changePerson } from '$lib/server/people/change-person';
import { addPerson } from '$lib/server/people/add-person';
import { listPeople } from '$lib/server/people/list-people';
import { deleteFilter, saveFilter, savedFiltersOf } from '$lib/server/people/saved-filters';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { daySheetGroupsOf } from '$lib/ui/cases/day-sheet/sheet-words';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const today = '2026-03-02';
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const sheetOf = async (personId: string, day = today) =>
	(await readDaySheet(db(), desk.coordinator, day)).lines.find((line) => line.personId === personId);

describe('a hazard', () => {
	const STRIPS = 'chained-strips';
	const hazardsOf = async (personId: string) => openHazardsOf(await desk.judged(personId));
	const withHazard = () => desk.answered({ ...PAINLESS, [checklistField('strips')]: 'into-another' });

	it('is closed as the person told it on the phone, with who said so and when; the next check-in asks about it', async () => {
		const { personId, open } = await withHazard();
		expect(await hazardsOf(personId)).toEqual([STRIPS]);
		expect(
			await faultOf(settleCase(db(), desk.coordinator, { ...act(personId), reason: '' }, desk.later(1)))
		).toBe('conflict');
		for (const over of [{ result: 'no-answer' as const, whom: 'Ada' }, { whom: ' ' }])
			expect(await faultOf(desk.reach(personId, { fixed: [STRIPS], ...over }, desk.later(2)))).toBe(
				'invalid'
			);
		const call = { fixed: [STRIPS], whom: 'Ada', next: null, why: '' } as const;
		const key = await desk.reach(personId, call, desk.later(3));
		expect(await hazardsOf(personId)).toEqual([]);
		const [contact] = await contactsOf(db(), personId);
		expect(contact).toMatchObject({
			fixed: [STRIPS],
			whom: 'Ada',
			at: desk.later(3),
			authorName: 'one'
		});
		expect(await findingsAskedAbout(db(), personId, desk.later(4))).toContain(STRIPS);
		// It isn't closed twice, and undoing the call opens it again.
		expect(await faultOf(desk.reach(personId, call, desk.later(5)))).toBe('conflict');
		await undoActs(db(), desk.coordinator, key, desk.later(6));
		expect(await hazardsOf(personId)).toEqual([STRIPS]);
		// So does a check-in that says it came undone, and the person by themselves.
		await desk.reach(personId, call, desk.later(7));
		const said = { signs: [], discomfort: [], undone: [STRIPS], news: [] } as const;
		await answerCheckIn(db(), open, said, desk.later(8));
		expect(await hazardsOf(personId)).toEqual([STRIPS]);
		await desk.reach(personId, call, desk.later(9));
		await tickFinding(db(), open, { finding: STRIPS, how: 'open' }, desk.later(10));
		expect(await hazardsOf(personId)).toEqual([STRIPS]);
	});

	it('that was refused is closed in the same way', async () => {
		const { personId, open } = await withHazard();
		await tickFinding(db(), open, { finding: STRIPS, how: 'not-here' }, desk.later(1));
		expect(await hazardsOf(personId)).toEqual([STRIPS]);
		const key = await desk.reach(personId, { fixed: [STRIPS], whom: 'Ada' }, desk.later(2));
		expect(await hazardsOf(personId)).toEqual([]);
		await undoActs(db(), desk.coordinator, key, desk.later(3));
		expect((await desk.judged(personId)).reasons).toContainEqual(
			expect.objectContaining({ finding: STRIPS, refused: true })
		);
	});
});

describe('the order of the day', () => {
	it('is by level, then by the day it is due, then by how much is open', async () => {
		const hurts = (worst: string) => ({ ...MIRELA, 'pain.neck.worst': worst, 'pain.neck.days': '3' });
		const home = await desk.answered(PAINLESS);
		const soon = await desk.answered(hurts('5'));
		const clinic = await desk.answered(hurts('8'));
		const older = await desk.answered(hurts('5'), new Date('2026-02-20T09:00:00Z'));
		const { lines } = await readDaySheet(db(), desk.coordinator, today);
		const at = (personId: string) => lines.findIndex((line) => line.personId === personId);
		const places = [clinic, older, soon, home].map(({ personId }) => at(personId));
		expect(places).toEqual([...places].sort((a, b) => a - b));
		expect(daySheetGroupsOf(lines, today, SHIPPED_SETTINGS).flatMap((group) => group.lines)).toEqual(lines);
		// 5 working days from Friday 20 February, 3 from Monday 2 March.
		expect(lines[at(older.personId)]?.actBy).toBe('2026-02-27');
		expect(lines[at(clinic.personId)]?.actBy).toBe('2026-03-05');
	});

	it('shows the trend over the reports, oldest first', async () => {
		const { personId } = await desk.answered({ ...MIRELA, 'pain.neck.worst': '9', 'pain.neck.days': '3' });
		await desk.answer(
			personId,
			{ ...MIRELA, 'pain.neck.worst': '3', 'pain.neck.days': '1' },
			desk.later(60 * 24 * 40)
		);
		expect((await desk.judged(personId)).worsts.map(({ worst }) => worst)).toEqual([9, 6]);
	});
});

describe('settling', () => {
	it('takes a batch off the sheet and undoes exactly that', async () => {
		const [a, b, earlier] = [await desk.answered(), await desk.answered(), await desk.answered()];
		const ids = [a.personId, b.personId];
		await desk.settle([earlier.personId], desk.later(1));
		const key = randomUUID();
		const settle = () => settleCases(db(), desk.coordinator, { personIds: ids, key }, desk.later(2));
		expect((await settle()).settled).toEqual([...ids].sort());
		// A key that is held sends the same press again: it is one act.
		await settle();
		for (const id of ids) expect(await sheetOf(id)).toBeUndefined();
		expect(await faultOf(undoActs(db(), desk.second, key, desk.later(3)))).toBe('conflict');
		expect(await undoActs(db(), desk.coordinator, key, desk.later(3))).toBe(2);
		for (const id of ids) expect(await sheetOf(id)).toBeDefined();
		expect(await sheetOf(earlier.personId)).toBeUndefined();
		expect(await faultOf(undoActs(db(), desk.coordinator, key, desk.later(4)))).toBe('conflict');
	});

	it('leaves out who has an open sign or a message that nobody has read, and names them', async () => {
		const grave = await desk.answered({ ...MIRELA, 'sign.wakes-at-night': 'yes' });
		const wrote = await desk.answered();
		const plain = await desk.answered();
		await writeToCoordinator(db(), wrote.open, { text: 'A word', key: randomUUID() }, desk.later(1));
		const ids = [grave, wrote, plain].map(({ personId }) => personId);
		const { settled, leftOut } = await desk.settle(ids, desk.later(2));
		expect(settled).toEqual([plain.personId]);
		expect([...leftOut].sort()).toEqual([grave.personId, wrote.personId].sort());
		for (const personId of leftOut) {
			const input = { ...act(personId), reason: 'spoke' };
			expect(await faultOf(settleCase(db(), desk.coordinator, input, desk.later(3)))).toBe('conflict');
			expect(await sheetOf(personId)).toBeDefined();
		}
	});

	it('keeps the reason, is opened again by hand and by new answers', async () => {
		const { personId } = await desk.answered();
		const listed = () => desk.listed(personId);
		const input = { ...act(personId, (await listed()).version), reason: 'called, feels well' };
		await settleCase(db(), desk.coordinator, input, desk.later(1));
		expect(await listed()).toMatchObject({ settledReason: 'called, feels well', openSince: null });
		await reopenCase(db(), desk.coordinator, act(personId), desk.later(2));
		expect(await listed()).toMatchObject({ settledReason: '', settledAt: null });
		expect((await listed()).openSince).not.toBeNull();
	});

	it('tells the second of two coordinators what changed, and overwrites nothing', async () => {
		const { personId } = await desk.answered();
		const { version } = await desk.listed(personId);
		const settle = (of: number) =>
			faultOf(settleCase(db(), desk.second, { ...act(personId, of), reason: '' }, desk.later(2)));
		await addNote(db(), desk.coordinator, { ...act(personId), text: 'Rang, engaged' }, desk.later(1));
		expect(await settle(version)).toBe('conflict');
		expect(await sheetOf(personId)).toBeDefined();
		expect(await settle((await desk.listed(personId)).version)).toBe('none');
	});

	it('leaves what is asked for and not decided on the sheet', async () => {
		const { personId, open } = await desk.answered();
		await requestEquipment(db(), open, { purchase: 'footrest', wanted: true }, desk.later(1));
		await desk.settle([personId], desk.later(2));
		expect((await sheetOf(personId))?.assessmentResult?.reasons).toContainEqual({
			code: 'request',
			level: 'help',
			on: today,
			what: 'equipment'
		});
	});
});

describe('equipment', () => {
	it('goes from asked to arrived, each step once, and sets a look at the corner with it', async () => {
		const { personId, open } = await desk.answered();
		await requestEquipment(db(), open, { purchase: 'monitor', wanted: true }, now);
		const request = async () => (await equipmentOf(db(), personId))[0];
		const decide = async (to: 'approved' | 'sent' | 'arrived' | 'declined', version?: number) =>
			faultOf(
				decideEquipment(
					db(),
					desk.coordinator,
					{
						requestId: (await request())?.id ?? '',
						to,
						reason: '',
						version: version ?? (await request())?.version ?? 0,
						key: randomUUID()
					},
					desk.later(5)
				)
			);
		expect(await decide('arrived')).toBe('conflict');
		expect(await decide('declined')).toBe('invalid');
		expect(await decide('approved')).toBe('none');
		expect(await decide('approved', 1)).toBe('conflict');
		expect(await decide('sent')).toBe('none');
		expect(await decide('arrived')).toBe('none');
		// Five working days from Monday 2 March.
		expect((await readCase(db(), desk.coordinator, personId, now)).followUp).toMatchObject({
			due: '2026-03-09'
		});
	});
});

describe('messages', () => {
	it('go both ways, each once, with a letter that holds no word of it', async () => {
		const { personId, open, token } = await desk.answered();
		await desk.settle([personId], desk.later(1));
		const key = randomUUID();
		const ask = () => writeToCoordinator(db(), open, { text: 'It wobbles', key }, desk.later(2));
		await Promise.all([ask(), ask()]);
		expect((await desk.judged(personId)).reasons).toContainEqual({
			code: 'request',
			level: 'help',
			on: today,
			what: 'message'
		});
		expect((await sheetOf(personId))?.message).toBe('It wobbles');
		const input = { personId, text: 'Put the widest book at the bottom', key: randomUUID() };
		await writeToPerson(db(), desk.coordinator, input, desk.later(3));
		await writeToPerson(db(), desk.coordinator, input, desk.later(4));
		expect((await sheetOf(personId))?.message ?? null).toBeNull();
		expect((await messagesOf(db(), personId)).map(({ text, isFromPerson }) => [text, isFromPerson])).toEqual([
			['It wobbles', true],
			['Put the widest book at the bottom', false]
		]);
		const letters = await db().select().from(schema.emails).where(eq(schema.emails.personId, personId));
		const told = letters.filter(({ linkPath }) => linkPath.endsWith('/messages'));
		expect(await Promise.all(told.map(({ linkPath }) => linkPathToSend(db(), linkPath)))).toEqual([
			`/c/${token}/messages`
		]);
		expect(JSON.stringify(letters)).not.toMatch(/wobbles|widest/);
	});
});

describe('roles', () => {
	it('show a reader totals and no person', async () => {
		const { personId } = await desk.answered();
		expect(await faultOf(readCase(db(), desk.reader, personId, now))).toBe('not-allowed');
		expect(await faultOf(readDaySheet(db(), desk.reader, today))).toBe('not-allowed');
		const view = await readView(db(), desk.reader, new URLSearchParams(), today);
		expect(view.today).toBeNull();
		expect(await faultOf(readView(db(), desk.clinician, new URLSearchParams(), today))).toBe('not-allowed');
	});

	it('note who looked, once an hour', async () => {
		const { personId } = await desk.answered();
		for (const minutes of [0, 10, 61]) await readCase(db(), desk.second, personId, desk.later(minutes));
		const { log } = await readCase(db(), desk.coordinator, personId, desk.later(62));
		expect(log.filter(({ act, userName }) => act === 'case-read' && userName === 'two')).toHaveLength(2);
	});
});

describe('follow-ups', () => {
	it('make a chain, are undone, and stand in their span', async () => {
		const personId = await desk.person();
		await desk.follow(personId, { due: '2026-03-16', reason: 'Two weeks on', seen: 0 });
		const next = { due: '2026-04-13', reason: 'Six weeks on' };
		const finish = { ...act(personId), seen: await desk.lookVersion(personId), outcome: 'easier', next };
		await finishFollowUp(db(), desk.coordinator, finish, desk.later(1));
		const read = () => readCase(db(), desk.coordinator, personId, now);
		expect(await read()).toMatchObject({ followUp: next, chain: [{ outcome: 'easier', due: '2026-03-16' }] });
		await undoActs(db(), desk.coordinator, finish.key, desk.later(2));
		expect(await read()).toMatchObject({ followUp: { due: '2026-03-16' }, chain: [] });
		const span = { from: '2026-03-10', until: '2026-03-20', today };
		expect(
			(await followUpsBetween(db(), desk.coordinator, span)).lines.map((line) => line.personId)
		).toContain(personId);
		expect(await followUpsPerDay(db(), desk.coordinator, span)).toContainEqual({ day: '2026-03-16', n: 1 });
		const later = { from: '2026-04-01', until: '2026-04-30', today: '2026-04-01' };
		expect(
			(await followUpsBetween(db(), desk.coordinator, later)).overdue.map((line) => line.personId)
		).toContain(personId);
	});

	it('are finished together without notes, as far as they are due, and undone together', async () => {
		const people = await Promise.all(Array.from({ length: 3 }, () => desk.person()));
		const [first = '', second = '', later = ''] = people;
		const none = await desk.person();
		for (const [personId, due] of [
			[first, today],
			[second, '2026-02-20'],
			[later, '2026-03-20']
		] as const)
			await desk.follow(personId, { due, reason: 'Does it hold?', seen: 0 });
		const key = randomUUID();
		const finish = (by = desk.coordinator) =>
			finishFollowUps(db(), by, { personIds: [...people, none, first], key }, today, desk.later(1));
		expect(await faultOf(finish(desk.reader))).toBe('not-allowed');
		const { finished, leftOut } = await finish();
		expect([...finished].sort()).toEqual([first, second].sort());
		expect([...leftOut].sort()).toEqual([later, none].sort());
		const read = (personId: string) => readCase(db(), desk.coordinator, personId, now);
		expect(await read(first)).toMatchObject({ followUp: null, chain: [{ outcome: '', due: today }] });
		// Sent twice, it is done once.
		expect((await finish()).finished).toEqual([]);
		await undoActs(db(), desk.coordinator, key, desk.later(2));
		expect(await read(first)).toMatchObject({ followUp: { due: today }, chain: [] });
		expect(await read(second)).toMatchObject({ followUp: { due: '2026-02-20' }, chain: [] });
	});

	it('tell of a free day where the person lives, and are set all the same', async () => {
		const set = async (personId: string, due: string) =>
			(await desk.follow(personId, { due, reason: '', seen: await desk.lookVersion(personId) })).isFreeDay;
		const anywhere = await desk.person();
		expect(await set(anywhere, '2026-03-14')).toBe(true);
		expect(await set(anywhere, '2026-06-10')).toBe(false);
		// The tenth of June, a Wednesday, is a public holiday in Portugal (Código do Trabalho, article 234).
		const there = await desk.person();
		const livesIn = (country: string) =>
			db().update(schema.people).set({ country }).where(eq(schema.people.id, there));
		await livesIn('PT');
		expect(await set(there, '2026-06-10')).toBe(true);
		// And it is marked in the calendar, for who lives there alone.
		const { lines } = await followUpsBetween(db(), desk.coordinator, {
			from: '2026-06-10',
			until: '2026-06-10',
			today
		});
		const free = new Map(lines.map((line) => [line.personId, line.isFree]));
		expect([free.get(there), free.get(anywhere)]).toEqual([true, false]);
		expect(await set(there, '2026-06-09')).toBe(false);
		await livesIn('');
	});

	it('come as iCalendar by a secret address, with initials only, until it is renewed', async () => {
		const personId = await desk.person();
		await desk.follow(personId, { due: '2026-05-04', reason: 'neck', seen: 0 });
		const token = await renewCalendarFeed(db(), desk.coordinator);
		const text = await followUpFeed(db(), token, 'https://corner.example', now);
		// Read back by the library that calendars are built with.
		const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
		const mine = events
			.map((event) => new ICAL.Event(event))
			.find((e) => e.startDate.toString() === '2026-05-04');
		expect(mine?.summary).toMatch(/^Follow-up: P\. \d\.$/);
		expect(text).not.toMatch(/Person|neck/);
		expect(text.split('\r\n').every((line) => line.length <= 75)).toBe(true);
		await renewCalendarFeed(db(), desk.coordinator);
		expect(await faultOf(followUpFeed(db(), token, '', now))).toBe('not-found');
		const reader = await renewCalendarFeed(db(), desk.second);
		await closeAccount(db(), desk.coordinator, desk.second.id, now);
		expect(await faultOf(followUpFeed(db(), reader, '', now))).toBe('not-found');
	});
});

describe('the list of people', () => {
	beforeAll(async () => {
		for (const name of ['Ava', 'Ben'])
			await addPerson(
				db(),
				desk.coordinator,
				{ name: `${name} Import`, email: `${name}@import.example`, team: 'Imported' },
				now
			);
	});
	const find = (query: string) =>
		listPeople(db(), desk.coordinator, { now, filter: filterOfQuery(new URLSearchParams(query)) });

	it('is searched by any part of name, team and address together, by the beginning of a name where it is short', async () => {
		expect((await find('q=mport ava')).lines.map(({ name }) => name)).toEqual(['Ava Import']);
		expect((await find('q=AV')).lines.map(({ name }) => name)).toEqual(['Ava Import']);
		expect((await find('q=_v')).total).toBe(0);
	});

	it('is acted on in bulk, for as many as were seen and no other', async () => {
		const ids = (await find('q=import.example')).lines.map(({ id }) => id);
		const act = (kind: 'send' | 'leave' | 'return', expected: number) =>
			actInBulk(
				db(),
				desk.coordinator,
				{ whom: { ids }, act: { kind }, expected, key: randomUUID() },
				desk.later(1)
			);
		expect(await faultOf(act('send', 5))).toBe('conflict');
		expect((await act('send', 2)).n).toBe(2);
		expect((await find('q=import.example&state=sent')).total).toBe(2);
		expect((await act('leave', 2)).n).toBe(2);
		expect((await find('q=import.example')).total).toBe(0);
		// Nobody who has left is written to; the whole act is refused.
		expect(await faultOf(act('send', 2))).toBe('conflict');
		await act('return', 2);
		// The links that ended when they left work again.
		expect((await find('q=import.example&state=sent')).total).toBe(2);
		const whom = { filter: filterOfQuery(new URLSearchParams('q=import.example')) };
		const followUp = { kind: 'follow-up', due: '2026-09-01', reason: 'all' } as const;
		expect(
			(await actInBulk(db(), desk.coordinator, { whom, act: followUp, expected: 2, key: randomUUID() }, now))
				.n
		).toBe(2);
	});

	it('keeps filters by name, each user theirs', async () => {
		const keep = (query: string) => saveFilter(db(), desk.coordinator, { name: 'Mine', query });
		await keep('team=A');
		await keep('team=B');
		const [saved, ...more] = await savedFiltersOf(db(), desk.coordinator);
		expect([saved?.query, more.length]).toEqual(['team=B', 0]);
		const other = { ...desk.coordinator, id: desk.second.id };
		await deleteFilter(db(), other, saved?.id ?? '');
		expect(await savedFiltersOf(db(), desk.coordinator)).toHaveLength(1);
	});

	it('changes a person once, and tells the second what changed', async () => {
		const id = await desk.person();
		await db().update(schema.people).set({ bouncedAt: now }).where(eq(schema.people.id, id));
		const details = {
			name: 'New Name',
			email: 'new@example.org',
			team: 'X',
			country: 'PT',
			timeZone: '',
			language: 'pt',
			phone: '+351 210 000 000',
			region: '',
			staffNumber: '7'
		};
		const change = (version: number) =>
			faultOf(changePerson(db(), desk.coordinator, { id, version, ...details }, now));
		expect([await change(1), await change(1)]).toEqual(['none', 'conflict']);
		const { person } = await readCase(db(), desk.coordinator, id, now);
		// A new address is tried again.
		expect(person).toMatchObject({ name: 'New Name', bouncedAt: null, version: 2 });
	});
});

describe('accounts', () => {
	const newestLink = async (email: string) => {
		const [letter] = await db()
			.select()
			.from(schema.emails)
			.where(eq(schema.emails.toEmail, email))
			.orderBy(sql`${schema.emails.writtenAt} desc`)
			.limit(1);
		return letter?.linkPath.split('/').at(-1) ?? '';
	};
	const enter = (email: string, password: string, minutes: number) =>
		signIn(db(), { email, password, origin: '192.0.2.9', device: 'Firefox' }, desk.later(minutes));

	it('begin with an invitation, and a password chosen by its link, once', async () => {
		const email = 'new@clinic.example';
		await inviteUser(db(), desk.coordinator, { email, name: 'Nell', role: 'clinician' }, now);
		expect(await faultOf(inviteUser(db(), desk.coordinator, { email, name: 'N', role: 'reader' }, now))).toBe(
			'conflict'
		);
		const token = await newestLink(email);
		expect(await faultOf(setPasswordByLink(db(), { token, password: 'short' }, now))).toBe('invalid');
		expect(
			await faultOf(setPasswordByLink(db(), { token, password: 'long enough too' }, desk.later(8 * 24 * 60)))
		).toBe('ended');
		await setPasswordByLink(db(), { token, password: 'long enough too' }, now);
		expect(await faultOf(setPasswordByLink(db(), { token, password: 'long enough too' }, now))).toBe('ended');
		expect(await faultOf(enter(email, 'long enough too', 1))).toBe('none');
	});

	it('are reset by mail; every session ends, and who asks for nobody learns nothing', async () => {
		const email = 'one@example.org';
		await requestPasswordReset(db(), 'nobody@example.org', now);
		expect(await newestLink('nobody@example.org')).toBe('');
		const { token: session } = await enter(email, 'long enough pass', 2);
		for (let i = 0; i < 9; i += 1) await requestPasswordReset(db(), email, desk.later(3));
		const letters = await db().select().from(schema.emails).where(eq(schema.emails.toEmail, email));
		expect(letters.filter(({ linkPath }) => linkPath.startsWith('/desk/password/'))).toHaveLength(5);
		await setPasswordByLink(
			db(),
			{ token: await newestLink(email), password: 'another long pass' },
			desk.later(4)
		);
		expect(await readSession(db(), session, desk.later(5))).toBeNull();
		expect(await faultOf(enter(email, 'long enough pass', 6))).toBe('invalid');
		expect(await faultOf(enter(email, 'another long pass', 7))).toBe('none');
	});

	it('list their sessions and end the others', async () => {
		const [here, there] = [
			await enter('one@example.org', 'another long pass', 10),
			await enter('one@example.org', 'another long pass', 11)
		];
		const mine = await readSession(db(), here.token, desk.later(12));
		if (!mine) throw new Error('no session');
		const sessions = await listSessions(db(), mine);
		expect(sessions.filter(({ isHere }) => isHere)).toHaveLength(1);
		expect(sessions[0]).toMatchObject({ device: 'Firefox' });
		await endSessions(db(), desk.coordinator.id, mine.hash);
		expect(await readSession(db(), there.token, desk.later(12))).toBeNull();
		expect(await readSession(db(), here.token, desk.later(12))).not.toBeNull();
	});

	it('are closed with their sessions, and never the last coordinator', async () => {
		expect(await faultOf(closeAccount(db(), desk.coordinator, desk.coordinator.id, now))).toBe('conflict');
		const { token } = await enter('clinic@example.org', 'long enough pass', 20);
		await closeAccount(db(), desk.coordinator, desk.clinician.id, now);
		expect(await readSession(db(), token, desk.later(21))).toBeNull();
		expect(await faultOf(enter('clinic@example.org', 'long enough pass', 22))).toBe('invalid');
	});
});

describe('leaving', () => {
	it('ends links and follow-ups, and takes the case off every list', async () => {
		const { personId, token } = await desk.answered();
		await desk.follow(personId, { due: today, reason: '', seen: 0 });
		const input = {
			whom: { ids: [personId] },
			act: { kind: 'leave' },
			expected: 1,
			key: randomUUID()
		} as const;
		await actInBulk(db(), desk.coordinator, input, desk.later(1));
		expect(await sheetOf(personId)).toBeUndefined();
		expect(await readCase(db(), desk.coordinator, personId, now)).toMatchObject({
			followUp: null,
			chain: [{ outcome: 'Has left' }]
		});
		expect(await faultOf(openAssessment(db(), token))).toBe('ended');
	});
});
