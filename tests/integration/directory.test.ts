import { createServer, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import fc from 'fast-check';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
	DIRECTORY_CHANGES,
	FIRST_DIRECTORY_SETTINGS,
	type DirectoryChange,
	type DirectorySettings
} from '$lib/core/people/directory/directory-settings';
import type { DirectoryAddress } from '$lib/server/platform/config';
import { schema } from '$lib/server/platform/db/client';
import {
	applyDirectory,
	askForDirectory,
	directoryDifferences,
	directoryPage,
	compareAgain,
	setDirectory
} from '$lib/server/people/directory/directory-page';
import { isDue, purgeDirectoryList, readDirectory } from '$lib/server/people/directory/read-directory';
import { checkDirectory, readGroups, readUsers } from '$lib/server/people/directory/scim-service';
import { erasePerson } from '$lib/server/people/erasure/erase-person';
import { undoImport } from '$lib/server/people/undo-import';
import { startPersonnel, TOKEN, type Worker } from '../../bin/lib/personnel.mjs';
import { Desk, faultOf } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
const { auditLines, cases, directory, people, rosterImports } = schema;

let desk: Desk;
let personnel: Awaited<ReturnType<typeof startPersonnel>>;
const db = () => desk.test.db;
const service = (): DirectoryAddress => ({ url: personnel.url, token: TOKEN, privateHosts: ['127.0.0.1'] });

beforeAll(async () => {
	desk = await Desk.make(now);
	personnel = await startPersonnel({ databaseUrl: desk.test.url });
});
afterAll(async () => {
	await personnel.stop();
	await desk.test.drop();
});
beforeEach(() => void (personnel.workers.length = 0));
afterEach(async () => {
	await db().delete(rosterImports);
	await db().delete(people);
	await db().delete(directory);
});

/** Someone who works there. */
const worker = (number: string, over: Partial<Worker> = {}): Worker => ({
	id: `w-${number || randomUUID()}`,
	name: `Worker ${number}`,
	email: `w${number}@lanterns.example`,
	number,
	team: 'Studio',
	phone: '',
	country: '',
	language: '',
	kind: 'Employee',
	active: true,
	...over
});

/** Adds someone here, as they are known before. */
async function known(number: string, over: Partial<typeof people.$inferInsert> = {}): Promise<string> {
	const [row] = await db()
		.insert(people)
		.values({
			name: `Worker ${number}`,
			email: `w${number}@lanterns.example`,
			staffNumber: number,
			team: 'Studio',
			createdAt: now,
			...over
		})
		.returning({ id: people.id });
	if (!row) throw new Error('An insert returned no row');
	await db().insert(cases).values({ personId: row.id });
	return row.id;
}

const all = () => db().select().from(people).orderBy(people.email);
const one = async (id: string) => (await db().select().from(people).where(eq(people.id, id)))[0];

async function settings(over: Partial<DirectorySettings> = {}, version = 0) {
	await setDirectory(
		db(),
		desk.coordinator,
		{ settings: { ...FIRST_DIRECTORY_SETTINGS, ...over }, version },
		now
	);
}

const noPause = () => Promise.resolve();

/** Has the directory read, some minutes later, and gives the page. */
async function read(minutes = 1, at = service()) {
	await askForDirectory(db(), desk.coordinator, desk.later(minutes));
	await readDirectory(db(), at, () => desk.later(minutes), noPause);
	return directoryPage(db(), desk.coordinator);
}

type Page = Awaited<ReturnType<typeof directoryPage>>;

async function apply({ report, state }: Page, moves = { leaveAbsent: false, takeBack: true }, minutes = 2) {
	const key = randomUUID();
	const approval = {
		key,
		readAt: state.readAt?.toISOString() ?? '',
		added: report?.added ?? 0,
		changed: report?.changed ?? 0,
		...moves
	};
	const done = await applyDirectory(db(), desk.coordinator, approval, desk.later(minutes));
	return { key, done };
}

describe('the staff directory', () => {
	it('is read page by page, shown first, and applied as a list of the same people', async () => {
		const moved = await known('7');
		const leaver = await known('8');
		await known('9');
		personnel.workers.push(worker('7', { team: 'Workshop' }), worker('8', { active: false }), worker('9'));
		// More than two pages, as the service gives them.
		for (let i = 100; i < 520; i += 1) personnel.workers.push(worker(String(i)));
		expect(await readUsers(service(), '')).toHaveLength(423);
		const page = await read();
		expect(page.report).toMatchObject({ added: 420, changed: 1, same: 1, leaving: 1, absent: 0, aside: [] });
		expect(page.report?.shown.changed[0]?.fields).toEqual([
			{ field: 'team', from: 'Studio', to: 'Workshop' }
		]);
		expect(await directoryDifferences(db())).toBe(422);
		// Nothing has changed by looking.
		expect(await all()).toHaveLength(3);
		expect((await one(moved))?.team).toBe('Studio');
		const { key } = await apply(page);
		expect(await all()).toHaveLength(423);
		expect((await one(moved))?.team).toBe('Workshop');
		expect((await one(leaver))?.leftAt).not.toBeNull();
		expect(await db().$count(cases)).toBe(423);
		expect(await directoryDifferences(db())).toBe(0);
		expect((await read(5)).report).toMatchObject({ added: 0, changed: 0, leaving: 0, same: 422 });
		// Undone like any import of today.
		await undoImport(db(), desk.coordinator, key, desk.later(6));
		expect(await all()).toHaveLength(3);
		expect((await one(moved))?.team).toBe('Studio');
		expect((await one(leaver))?.leftAt).toBeNull();
		await compareAgain(db(), desk.later(7));
		expect(await directoryDifferences(db())).toBe(422);
	});

	it('is read again by the job where the list is too long to be compared within a request', async () => {
		await known('7');
		personnel.workers.push(worker('7', { team: 'Workshop' }));
		const page = await read();
		expect(page.report?.changed).toBe(1);
		const [row] = await db().select().from(directory);
		const [line = []] = row?.roster?.lines ?? [];
		const roster = { ...row?.roster, lines: Array.from({ length: 5001 }, () => line) };
		await db()
			.update(directory)
			.set({ roster: roster as never });
		await compareAgain(db(), desk.later(3));
		const waiting = await directoryPage(db(), desk.coordinator);
		expect(waiting).toMatchObject({ report: null, state: { isReading: true } });
		expect(await directoryDifferences(db())).toBe(0);
		expect((await read(5)).report).toMatchObject({ changed: 1, same: 0 });
	});

	it('knows people by their number: a new address is theirs, an address passed on is nobody’s', async () => {
		const renamed = await known('7');
		const before = await known('8', { email: 'jo@lanterns.example' });
		const keeps = await known('9');
		const owner = await known('', { email: 'taken@lanterns.example', name: 'Owner' });
		personnel.workers.push(
			worker('7', { email: 'new7@lanterns.example' }),
			// The address of number 8 went to a newcomer: whose records those are can't be told by it.
			worker('80', { email: 'jo@lanterns.example', name: 'Jo Newcomer' }),
			worker('9', { email: 'taken@lanterns.example' })
		);
		const page = await read();
		expect(page.report).toMatchObject({ added: 0, changed: 1 });
		expect(page.report?.aside).toEqual([
			{ name: 'Jo Newcomer', email: 'jo@lanterns.example', team: 'Studio', why: 'address-in-use' },
			{ name: 'Worker 9', email: 'taken@lanterns.example', team: 'Studio', why: 'address-kept' }
		]);
		// Whose row waits isn't missing.
		expect(page.report?.shown.absent.map(({ email }) => email)).toEqual(['taken@lanterns.example']);
		await apply(page);
		expect(await one(renamed)).toMatchObject({ email: 'new7@lanterns.example', staffNumber: '7' });
		expect(await one(before)).toMatchObject({
			email: 'jo@lanterns.example',
			staffNumber: '8',
			name: 'Worker 8'
		});
		expect(await one(keeps)).toMatchObject({ email: 'w9@lanterns.example' });
		expect(await one(owner)).toMatchObject({ name: 'Owner' });
		// Once the other has left that address, the newcomer is added.
		personnel.workers.push(worker('8', { email: 'w8@lanterns.example' }));
		await apply(await read(10), undefined, 11);
		await apply(await read(20), undefined, 21);
		expect(await one(before)).toMatchObject({ email: 'w8@lanterns.example', staffNumber: '8' });
		expect((await all()).find(({ email }) => email === 'jo@lanterns.example')).toMatchObject({
			staffNumber: '80',
			name: 'Jo Newcomer'
		});
	});

	it('knows those without a number by their address, and gives them one', async () => {
		const id = await known('', { email: 'w7@lanterns.example', phone: '123', country: 'DE', region: 'BY' });
		personnel.workers.push(worker('7', { country: 'DE' }));
		await apply(await read());
		// What the directory leaves empty stays.
		expect(await one(id)).toMatchObject({ staffNumber: '7', phone: '123', country: 'DE', region: 'BY' });
		// A region of another country does not.
		personnel.workers[0] = worker('7', { country: 'AT' });
		await apply(await read(10), undefined, 11);
		expect(await one(id)).toMatchObject({ country: 'AT', region: '', phone: '123' });
	});

	it('marks as left who isn’t active, also without an address; not who has another account or only its number', async () => {
		const [inactive, silent, twice, other] = [
			await known('1'),
			await known('2'),
			await known('3'),
			await known('4', { email: 'four@lanterns.example' })
		];
		personnel.workers.push(
			worker('1', { active: false }),
			{ ...worker('2', { active: false }), email: '' },
			worker('3'),
			worker('3', { id: 'old', email: 'old3@lanterns.example', active: false }),
			// An old account of someone else, with the address that number 4 has today.
			worker('44', { email: 'four@lanterns.example', active: false })
		);
		const page = await read();
		expect(page.report).toMatchObject({ leaving: 2, absent: 1 });
		await apply(page);
		expect((await one(inactive))?.leftAt).not.toBeNull();
		expect((await one(silent))?.leftAt).not.toBeNull();
		expect((await one(twice))?.leftAt).toBeNull();
		expect((await one(other))?.leftAt).toBeNull();
		// Who is only missing leaves on request.
		await apply(await read(10), { leaveAbsent: true, takeBack: false }, 11);
		expect((await one(other))?.leftAt).not.toBeNull();
		// And who is active again returns on request.
		personnel.workers[0] = worker('1');
		await apply(await read(20), { leaveAbsent: false, takeBack: true }, 21);
		expect((await one(inactive))?.leftAt).toBeNull();
	});

	it.each(DIRECTORY_CHANGES)('changes nothing of “%s” where that is not ticked', async (left) => {
		const may = DIRECTORY_CHANGES.filter((change) => change !== left);
		await settings({ may });
		const [id, leaver] = [await known('7'), await known('8')];
		personnel.workers.push(
			worker('7', {
				name: 'Other Name',
				email: 'other@lanterns.example',
				team: 'Workshop',
				phone: '555',
				country: 'GB'
			}),
			worker('8', { active: false }),
			worker('9')
		);
		const page = await read();
		await apply(page);
		const [person, gone, list] = [await one(id), await one(leaver), await all()];
		const changed: Record<DirectoryChange, boolean> = {
			joiners: list.some(({ staffNumber }) => staffNumber === '9'),
			leavers: gone?.leftAt !== null,
			name: person?.name === 'Other Name',
			email: person?.email === 'other@lanterns.example',
			team: person?.team === 'Workshop',
			phone: person?.phone === '555',
			place: person?.country === 'GB'
		};
		expect(DIRECTORY_CHANGES.filter((change) => changed[change])).toEqual(may);
		expect(page.report?.notAdded).toBe(left === 'joiners' ? 1 : 0);
		expect(await directoryDifferences(db())).toBe(0);
	});

	it('is read through its filter, with teams from groups', async () => {
		await settings({ usersFilter: 'userType eq "Employee"', teamFrom: 'group', groupStart: 'Team ' });
		personnel.workers.push(worker('7', { team: 'Kiln' }), worker('8', { kind: 'Contractor' }));
		expect((await readGroups(service())).map(({ displayName }) => displayName)).toEqual([
			'Team Kiln',
			'Team Studio'
		]);
		await apply(await read());
		expect((await all()).map(({ staffNumber, team }) => [staffNumber, team])).toEqual([['7', 'Kiln']]);
		await settings({ usersFilter: 'userType eq (' }, 1);
		expect((await read(10)).state.fault).toBe('filter');
		expect((await read(20, { ...service(), token: 'another' })).state.fault).toBe('refused');
	});

	it('names whose details can’t be read, and marks nobody as missing then', async () => {
		await known('5');
		personnel.workers.push(worker('7', { email: 'no address' }), worker('8', { country: 'Nowhere' }));
		const page = await read();
		expect(page.unreadable.map(({ who, faults }) => [who, faults[0]?.field])).toEqual([
			['Worker 7', 'email'],
			['Worker 8', 'country']
		]);
		expect(page.report).toMatchObject({ added: 1, leftOut: 1, emptied: 1 });
		expect(await faultOf(apply(page, { leaveAbsent: true, takeBack: false }))).toBe('invalid');
		await apply(page);
		expect((await all()).map(({ email, country }) => [email, country])).toContainEqual([
			'w8@lanterns.example',
			''
		]);
	});

	it('applies only what was seen: not an older list, not after someone changed people or settings', async () => {
		personnel.workers.push(worker('7'));
		const seen = await read();
		personnel.workers.push(worker('8'));
		await read(5);
		expect(await faultOf(apply(seen))).toBe('conflict');
		const newer = await directoryPage(db(), desk.coordinator);
		await known('7');
		expect(await faultOf(apply(newer, undefined, 7))).toBe('conflict');
		expect(await all()).toHaveLength(1);
		await settings({ isOn: true }, 1);
		expect(await faultOf(settings({ isOn: false }, 1))).toBe('conflict');
		const page = await read(10);
		const { key } = await apply(page, undefined, 11);
		// Sent twice, it is done once.
		const again = {
			key,
			readAt: page.state.readAt?.toISOString() ?? '',
			...{ added: 1, changed: 0, leaveAbsent: false, takeBack: true }
		};
		expect(await faultOf(applyDirectory(db(), desk.coordinator, again, desk.later(12)))).toBe('conflict');
		expect(await all()).toHaveLength(2);
	});

	it('is for those who may change people, its settings for those who may change them; both are logged', async () => {
		const before = await db().$count(auditLines, eq(auditLines.act, 'directory-set'));
		for (const actor of [desk.reader, desk.clinician]) {
			expect(await faultOf(directoryPage(db(), actor))).toBe('not-allowed');
			expect(await faultOf(askForDirectory(db(), actor, now))).toBe('not-allowed');
			const input = { settings: FIRST_DIRECTORY_SETTINGS, version: 0 };
			expect(await faultOf(setDirectory(db(), actor, input, now))).toBe('not-allowed');
		}
		await settings();
		expect(await db().$count(auditLines, eq(auditLines.act, 'directory-set'))).toBe(before + 1);
		personnel.workers.push(worker('7'));
		const imports = await db().$count(auditLines, eq(auditLines.act, 'people-imported'));
		await apply(await read());
		expect(await db().$count(auditLines, eq(auditLines.act, 'people-imported'))).toBe(imports + 1);
	});

	it('forgets its list a week later, and when anyone is erased', async () => {
		const id = await known('7');
		personnel.workers.push(worker('7'), worker('8'));
		const kept = async () => (await db().select({ roster: directory.roster }).from(directory))[0]?.roster;
		await read();
		await purgeDirectoryList(db(), desk.later(6 * 24 * 60));
		expect(await kept()).not.toBeNull();
		await purgeDirectoryList(db(), desk.later(8 * 24 * 60));
		expect(await kept()).toBeNull();
		expect(await directoryDifferences(db())).toBe(0);
		await read(5);
		await erasePerson(db(), desk.coordinator, { personId: id, why: 'asked' }, desk.later(6));
		expect(await kept()).toBeNull();
		expect((await directoryPage(db(), desk.coordinator)).report).toBeNull();
	});

	it('never gives a person another’s number, and leaves nothing to apply a second time', async () => {
		const number = fc.constantFrom('', '1', '2', '3', '4');
		const address = fc.constantFrom('a', 'b', 'c', 'd', 'e').map((name) => `${name}@lanterns.example`);
		const side = fc.uniqueArray(fc.record({ number, email: address, active: fc.boolean() }), {
			selector: ({ email }) => email,
			maxLength: 5
		});
		let minutes = 100;
		await fc.assert(
			fc.asyncProperty(side, side, async (here, there) => {
				await db().delete(rosterImports);
				await db().delete(people);
				personnel.workers.length = 0;
				const numbers = new Map<string, string>();
				for (const { number: n, email } of here) numbers.set(await known(n, { email }), n);
				personnel.workers.push(
					...there.map(({ number: n, email, active }, i) => worker(n, { id: `u${i}`, email, active }))
				);
				// Two chains of addresses may need as many readings as they have links.
				for (let turn = 0; turn < 6; turn += 1) {
					minutes += 10;
					const page = await read(minutes);
					if ((page.report?.added ?? 0) + (page.report?.changed ?? 0) + (page.report?.leaving ?? 0) === 0)
						break;
					expect(turn).toBeLessThan(5);
					await apply(page, { leaveAbsent: false, takeBack: false }, minutes + 1);
				}
				for (const { id, staffNumber } of await all()) {
					const had = numbers.get(id) ?? '';
					if (had !== '') expect(staffNumber).toBe(had);
				}
				expect((await all()).length).toBeGreaterThanOrEqual(here.length);
			}),
			{ numRuns: 60 }
		);
	});
});

describe('the schedule of the directory', () => {
	const row = {
		settings: { ...FIRST_DIRECTORY_SETTINGS, isOn: true },
		wantedAt: null,
		triedAt: null,
		fault: ''
	};
	const at = (text: string) => new Date(text);

	it('reads once a night of the organisation, and at once where somebody asks', () => {
		const tried = { ...row, triedAt: at('2026-03-02T01:10:00Z') };
		// 02:10 in Berlin was of that day; 01:50 the next day is not yet its night, 02:05 is.
		expect(isDue(tried, 'Europe/Berlin', at('2026-03-02T23:00:00Z'))).toBe(false);
		expect(isDue(tried, 'Europe/Berlin', at('2026-03-03T00:50:00Z'))).toBe(false);
		expect(isDue(tried, 'Europe/Berlin', at('2026-03-03T01:05:00Z'))).toBe(true);
		const off = { ...tried, settings: FIRST_DIRECTORY_SETTINGS };
		expect(isDue(off, 'Europe/Berlin', at('2026-03-09T12:00:00Z'))).toBe(false);
		expect(isDue({ ...off, wantedAt: at('2026-03-02T01:11:00Z') }, 'UTC', now)).toBe(true);
		expect(isDue({ ...off, wantedAt: at('2026-03-02T01:09:00Z') }, 'UTC', now)).toBe(false);
		expect(isDue({ ...row, triedAt: null }, 'UTC', now)).toBe(true);
	});

	it('tries again an hour after a failure', () => {
		const failed = { ...row, triedAt: at('2026-03-02T02:10:00Z'), fault: 'busy' };
		expect(isDue(failed, 'UTC', at('2026-03-02T03:00:00Z'))).toBe(false);
		expect(isDue(failed, 'UTC', at('2026-03-02T03:10:00Z'))).toBe(true);
	});

	it('is kept by one process at a time', async () => {
		personnel.workers.push(worker('7'));
		await askForDirectory(db(), desk.coordinator, now);
		const clock = () => desk.later(1);
		const done = await Promise.all([1, 2, 3].map(() => readDirectory(db(), service(), clock)));
		expect(done.filter((one) => one !== null)).toEqual([{ people: 1, fault: '' }]);
		const [{ claimedUntil } = { claimedUntil: now }] = await db().select().from(directory);
		expect(claimedUntil).toBeNull();
		// Whoever died with it holds it up for a while only.
		await askForDirectory(db(), desk.coordinator, desk.later(5));
		await db()
			.update(directory)
			.set({ claimedUntil: desk.later(30) });
		expect(await readDirectory(db(), service(), () => desk.later(6))).toBeNull();
		expect(await readDirectory(db(), service(), () => desk.later(31))).toMatchObject({ people: 1 });
	});
});

describe('a directory that fails', () => {
	/** A service that answers each request in its turn; the last answer for all that follow. */
	async function answering(answers: readonly ((response: ServerResponse, url: URL) => void)[]) {
		let asked = 0;
		const server = createServer((request, response) => {
			const answer = answers[Math.min(asked, answers.length - 1)];
			asked += 1;
			answer?.(response, new URL(request.url ?? '/', 'http://stand-in'));
		});
		await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
		const { port } = server.address() as AddressInfo;
		return {
			at: { url: `http://127.0.0.1:${port}/scim/v2/`, token: '', privateHosts: ['127.0.0.1'] },
			asked: () => asked,
			close: () => new Promise((resolve) => server.close(resolve))
		};
	}
	const says =
		(status: number, body: unknown, headers = {}) =>
		(response: ServerResponse): void => {
			response.writeHead(status, { 'content-type': 'application/scim+json', ...headers });
			response.end(typeof body === 'string' ? body : JSON.stringify(body));
		};
	const hangsUp = (response: ServerResponse): void => void response.destroy();
	const users = (totalResults: number, ids: readonly number[]) =>
		says(200, {
			totalResults,
			Resources: ids.map((id) => ({ id: String(id), userName: `u${id}@lanterns.example` }))
		});

	it.each([
		['answers in another format', [says(200, 'hello')], 'unreadable'],
		['answers with other fields', [says(200, { totalResults: 'many' })], 'unreadable'],
		[
			'has a user without an id',
			[says(200, { totalResults: 1, Resources: [{ userName: 'a' }] })],
			'unreadable'
		],
		['has moved', [says(302, '', { location: 'http://127.0.0.1:9/' })], 'unreachable'],
		['is somewhere else', [says(404, '')], 'unreadable'],
		['stays busy', [says(503, '')], 'busy'],
		['asks for a long pause', [says(429, '', { 'retry-after': '3600' })], 'busy'],
		['ends before its end', [users(5, [1, 2]), users(5, [])], 'incomplete'],
		[
			'never stays the same',
			[users(5, [1, 2]), users(4, [3]), users(5, [1, 2]), users(6, [3])],
			'incomplete'
		],
		['hangs up', [hangsUp], 'unreachable']
	] as const)('that %s leaves everything as it was', async (_, answers, fault) => {
		personnel.workers.push(worker('7'));
		const before = await read();
		const failing = await answering(answers);
		try {
			const page = await read(5, failing.at);
			expect(page.state.fault).toBe(fault);
			expect(page.state.readAt).toEqual(before.state.readAt);
			expect(page.report).toEqual(before.report);
			expect(page.state.isReading).toBe(false);
		} finally {
			await failing.close();
		}
		// The next time it works.
		expect((await read(10)).state.fault).toBe('');
	});

	it('is tried again where it was busy, and read again where it changed meanwhile', async () => {
		const busy = await answering([says(503, ''), says(429, '', { 'retry-after': '1' }), users(2, [1, 2])]);
		const pauses: number[] = [];
		expect(await readUsers(busy.at, '', (ms) => Promise.resolve(pauses.push(ms)))).toHaveLength(2);
		expect(pauses).toEqual([2000, 1000]);
		await busy.close();
		const changing = await answering([users(4, [1, 2]), users(3, [4]), users(3, [1, 3, 4])]);
		expect((await readUsers(changing.at, '')).map(({ id }) => id)).toEqual(['1', '3', '4']);
		expect(changing.asked()).toBe(3);
		await changing.close();
	});

	it('is noticed by a look that reads one user', async () => {
		const users200 = await answering([users(200, [1])]);
		await expect(checkDirectory(users200.at)).resolves.toMatchObject({ totalResults: 200 });
		expect(users200.asked()).toBe(1);
		await users200.close();
		await expect(checkDirectory(users200.at)).rejects.toThrow('unreachable');
		const other = await answering([says(200, { users: [] })]);
		await expect(checkDirectory(other.at)).rejects.toThrow('totalResults');
		await other.close();
	});

	it('is no longer read where the database says that nothing is due', async () => {
		const nobodyThere = { url: 'http://127.0.0.1:9', token: '', privateHosts: ['127.0.0.1'] };
		const read = () => readDirectory(db(), nobodyThere, () => now);
		expect(await read()).toBeNull();
		await settings();
		await db().execute(sql`update directory set wanted_at = null`);
		expect(await read()).toBeNull();
	});
});
