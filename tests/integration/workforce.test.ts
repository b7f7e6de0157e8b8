import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FIGURE_CODES, DISCOMFORT_RULES } from '$lib/core/workforce/codes';
import { comparedGroups } from '$lib/core/workforce/compared-groups';
import { figureTable } from '$lib/core/workforce/figures';
import { reportRows } from '$lib/core/workforce/report-table';
import type { WorkforceView } from '$lib/core/workforce/view';
import { addUser } from '$lib/server/platform/access/add-user';
import type { Actor } from '$lib/server/platform/actor';
import { schema } from '$lib/server/platform/db/client';
import { DomainError } from '$lib/server/platform/domain-error';
import { helpSentence } from '$lib/messages/desk/help-words';
import { publishDueClosings } from '$lib/server/workforce/publish-closing';
import { readReportingDates } from '$lib/server/workforce/reporting-dates';
import { figureRows } from '$lib/server/workforce/figure-rows';
import {
	deleteReport,
	listReports,
	createReport,
	readReport,
	recordOnReport
} from '$lib/server/workforce/create-report';
import { parseCents, readPrices } from '$lib/server/workforce/prices';
import { setPrices } from '$lib/server/platform/organisation-settings/set-prices';
import { readTally } from '$lib/server/workforce/read-tally';
import {
	answersScreen,
	associationsScreen,
	discomfortScreen,
	findingsScreen,
	helpScreen,
	purchasesScreen,
	timesScreen
} from '$lib/server/workforce/screens';
import { readView } from '$lib/server/workforce/view';
import { PLANTED_QUIET_TEAM, plantWorkforce } from '../../seed/planted';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import { figureReader } from '../support/figure-reader';

const now = new Date('2026-11-26T10:00:00Z');
const today = '2026-11-26';
const PEOPLE = 3000;
const TRUTH = { planTakesOff: 2, neckWith: 0.5, neckWithout: 0.2, answers: 0.9, quietTeamAnswers: 0.5 };

let test: TestDatabase;
let coordinator: Actor & { kind: 'user' };
let reader: Actor & { kind: 'user' };

const everybody: WorkforceView = {
	on: today,
	isLive: true,
	closings: [],
	today,
	by: null,
	group: null,
	team: null,
	teams: []
};
const byTeam: WorkforceView = { ...everybody, by: 'team' };

beforeAll(async () => {
	test = await makeTestDatabase();
	const account = async (name: string, role: 'coordinator' | 'reader') => {
		const id = await addUser(test.db, {
			email: `${name}@example.org`,
			name,
			role,
			password: 'long enough pass'
		});
		return { kind: 'user' as const, id, name, role };
	};
	coordinator = await account('c', 'coordinator');
	reader = await account('r', 'reader');
	await plantWorkforce(test.db, PEOPLE, TRUTH, now);
	await publishDueClosings(test.db, () => now);
});

afterAll(() => test.drop());

describe('what is planted is found again within the intervals', () => {
	it('a team in which fewer answer', async () => {
		const { table } = await answersScreen(test.db, byTeam);
		const answered = table.figures.find(({ code }) => code === FIGURE_CODES.answered);
		const quiet = answered?.groups[table.groups.indexOf(PLANTED_QUIET_TEAM)];
		expect(quiet?.low).toBeLessThan(TRUTH.quietTeamAnswers);
		expect(quiet?.high).toBeGreaterThan(TRUTH.quietTeamAnswers);
		expect(quiet?.high).toBeLessThan(answered?.all?.low ?? 0);
		const others = answered?.groups.filter((_, i) => table.groups[i] !== PLANTED_QUIET_TEAM) ?? [];
		expect(others.filter((one) => (one?.high ?? 1) < TRUTH.answers).length).toBeLessThanOrEqual(2);
	});

	it('a finding that goes with a complaint, and no other', async () => {
		const { found } = await associationsScreen(test.db, everybody);
		expect(found[0]).toMatchObject({ finding: 'screen-too-low', region: 'neck' });
		const ratio = TRUTH.neckWith / TRUTH.neckWithout;
		expect(found[0]?.low).toBeLessThan(ratio);
		expect(found[0]?.high).toBeGreaterThan(ratio);
		expect(found.slice(1).filter(({ p }) => p < 0.05)).toEqual([]);
	});

	it('what a plan takes off, and that nothing comes off without', async () => {
		const { courses } = await helpScreen(test.db, everybody);
		const of = (name: string) => courses.find(({ course }) => course === name)?.change;
		expect(of('done')?.estimate).toBeCloseTo(-TRUTH.planTakesOff, 0);
		expect(of('done')?.p).toBeLessThan(1e-6);
		expect(of('not-done')?.estimate).toBeCloseTo(0, 1);
		expect(helpSentence(courses)).toMatch(/points lower .* who did not: no clear change/);
	});

	it('that a plan takes off as much more for people who began alike', async () => {
		const { difference } = await helpScreen(test.db, everybody);
		expect(difference?.low).toBeLessThan(-TRUTH.planTakesOff + 0.3);
		expect(difference?.high).toBeGreaterThan(-TRUTH.planTakesOff - 0.3);
		expect(difference?.high).toBeLessThan(-1);
	});

	it('and says of the quiet team alone that it answers less than chance explains', async () => {
		const { table } = await answersScreen(test.db, byTeam);
		const [answered] = table.figures;
		if (!answered) throw new Error('Nothing is shown');
		const differs = comparedGroups(answered).map((one) => one?.differs ?? null);
		expect(table.groups.filter((_, i) => differs[i] === 'lower')).toEqual([PLANTED_QUIET_TEAM]);
		expect(differs).not.toContain('higher');
	});

	it('how far checks came back, what would close the rest, and how long it took', async () => {
		const { gaps } = await findingsScreen(test.db, everybody);
		const eye = gaps.find(({ check }) => check === 'eye');
		const worst = (of: readonly number[] | undefined) =>
			(of ?? []).reduce((sum, mm) => sum + Math.abs(mm), 0);
		expect(worst(eye?.now)).toBeLessThan(worst(eye?.first) / 2);
		const { table } = await purchasesScreen(test.db, everybody);
		const open = table.figures.find(({ code }) => code === FIGURE_CODES.open)?.all;
		expect(open?.low).toBeLessThan(0.25);
		expect(open?.high).toBeGreaterThan(0.25);
		const { act, fix } = await timesScreen(test.db, everybody);
		expect(act?.median).toBe(2);
		// Six of ten carry out within 25 days.
		expect(fix?.points.at(-1)?.share).toBeCloseTo(0.4, 1);
	});
});

describe('figures of the workforce', () => {
	it('are those of a plain count', async () => {
		const tally = await readTally(test.db, everybody, 'discomfort', 'team');
		const { figures } = figureTable(tally, DISCOMFORT_RULES);
		const { rows } = await test.db.execute<{ team: string; n: number; neck: number }>(sql`
			select team, count(*)::int as n, (count(*) filter (where 'neck' = any(discomfort)))::int as neck
			from observations where until_day is null and first_on is not null group by team order by team`);
		expect(tally.groups).toEqual(rows.map(({ team }) => team));
		expect(tally.people).toEqual(rows.map(({ n }) => n));
		const neck = figures.find(({ code }) => code === 'neck');
		expect(neck?.groups.map((one) => one?.x)).toEqual(rows.map((row) => row.neck));
		expect(neck?.all).toMatchObject({ n: rows.reduce((sum, { n }) => sum + n, 0) });
	});

	it('of a team by country are those of a plain count, where both filters leave enough', async () => {
		const view: WorkforceView = { ...everybody, by: 'country', team: 'Team 3' };
		const { table } = await discomfortScreen(test.db, view);
		const { rows } = await test.db.execute<{ country: string; n: number; hurts: number; neck: number }>(sql`
			select country, count(*)::int as n, (count(*) filter (where cardinality(discomfort) > 0))::int as hurts,
				(count(*) filter (where 'neck' = any(discomfort)))::int as neck
			from observations where until_day is null and first_on is not null and team = 'Team 3' group by country order by country`);
		expect(table.groups).toEqual(rows.map(({ country }) => country));
		expect(table.people.groups).toEqual(rows.map(({ n }) => n));
		const of = (code: string) => table.figures.find((one) => one.code === code)?.groups.map((one) => one?.x);
		expect(of(FIGURE_CODES.hurts)).toEqual(rows.map(({ hurts }) => hurts));
		expect(of('neck')?.filter((x) => x !== undefined).length).toBeGreaterThan(0);
		for (const [i, x] of of('neck')?.entries() ?? []) expect([rows[i]?.neck, undefined]).toContain(x);
		// The whole row is the team by itself; one of its cells is chosen like any group.
		const team = await discomfortScreen(test.db, { ...byTeam, group: 'Team 3' });
		const own = team.table.figures.find(({ code }) => code === FIGURE_CODES.hurts);
		expect(table.figures.find(({ code }) => code === FIGURE_CODES.hurts)?.all).toEqual(
			own?.groups[team.table.at ?? -1]
		);
		for (const screen of [answersScreen, findingsScreen, helpScreen, purchasesScreen]) {
			const { table: other } = await screen(test.db, { ...view, group: 'PT' });
			expect(other.people.all, screen.name).toBe(
				rows.length > 0 && screen !== answersScreen ? table.people.all : other.people.all
			);
			expect(other.groups[other.at ?? -1], screen.name).toBe('PT');
		}
		const nobody = await discomfortScreen(test.db, { ...view, team: 'No such team' });
		expect(nobody.table.people.all).toBeNull();
		expect(nobody.table.figures).toEqual([]);
	});

	it('of two filters are in the address, and in the CSV with their team', async () => {
		const of = (query: string) => readView(test.db, coordinator, new URLSearchParams(query), today);
		expect(await of('by=country&group=PT&team=Team+3')).toMatchObject({
			by: 'country',
			group: 'PT',
			team: 'Team 3'
		});
		expect(await of('by=team&group=Team+3&team=Team+4')).toMatchObject({
			by: 'team',
			group: 'Team 3',
			team: null
		});
		expect(await of('team=Team+4')).toMatchObject({ by: 'team', group: 'Team 4', team: null });
		expect(await of('by=round&group=~')).toMatchObject({ by: 'round', group: '', team: null });
		const rows = await figureRows(figureReader(test.db), await of('by=country&team=Team+3'));
		expect(rows[0]).toEqual(['screen', 'by', 'group', 'figure', 'n', 'x', 'share', 'low', 'high', 'team']);
		expect(
			rows.find(
				([screen, by, group, code, ...rest]) =>
					[screen, by, group, code, rest.at(-1)].join() === 'discomfort,country,PT,hurts,Team 3'
			)?.[5]
		).toEqual(expect.any(Number));
	});

	it('of an earlier day stay what they were', async () => {
		const then = { ...everybody, on: '2026-06-30', isLive: false };
		const before = await discomfortScreen(test.db, then);
		const [one] = await test.db
			.select()
			.from(schema.observations)
			.where(sql`until_day is null and on_day < '2026-06-01' and worst = 0`)
			.limit(1);
		if (!one) throw new Error('Someone has answered before June');
		await test.db.transaction(async (tx) => {
			await tx
				.update(schema.observations)
				.set({ untilDay: '2026-11-20' })
				.where(eq(schema.observations.id, one.id));
			const { id: _id, ...row } = one;
			await tx
				.insert(schema.observations)
				.values({ ...row, onDay: '2026-11-20', worst: 9, discomfort: ['knee'] });
		});
		expect(await discomfortScreen(test.db, then)).toEqual(before);
		expect(await discomfortScreen(test.db, everybody)).not.toEqual(before);
	});

	it('leave out who has left, in every screen', async () => {
		const [person] = await test.db
			.select({ id: schema.observations.personId })
			.from(schema.observations)
			.where(sql`until_day is null and answered_on > '2026-03-01'`)
			.limit(1);
		const count = async () => [
			(await answersScreen(test.db, everybody)).table.people.all,
			(await discomfortScreen(test.db, everybody)).table.people.all,
			(await findingsScreen(test.db, everybody)).table.people.all,
			(await associationsScreen(test.db, everybody)).n
		];
		const before = await count();
		const leftAt = (at: Date | null) =>
			test.db
				.update(schema.people)
				.set({ leftAt: at })
				.where(eq(schema.people.id, person?.id ?? ''));
		await leftAt(now);
		expect(await count()).toEqual(before.map((n) => (n ?? 0) - 1));
		await leftAt(null);
	});

	it('can be taken along: the screens’ shares, with nothing where nothing may be shown', async () => {
		const rows = await figureRows(figureReader(test.db), byTeam);
		expect(rows[0]).toContain('share');
		expect(rows.filter(([screen, by]) => screen === 'discomfort' && by === 'team').length).toBeGreaterThan(
			20
		);
		for (const [, , , , n, x] of rows.slice(1))
			if (n) expect(Math.min(Number(x), Number(n) - Number(x))).not.toBe(1);
	});

	it('of months that have ended are for readers, those of today for coordinators', async () => {
		const query = new URLSearchParams({ on: today, by: 'team', group: 'Team 3' });
		const seen = await readView(test.db, reader, query, today);
		expect(seen).toMatchObject({ today: null, by: 'team', group: 'Team 3' });
		expect(seen.closings).toContain(seen.on);
		expect((await readView(test.db, coordinator, query, today)).on).toBe(today);
		const closings = await readReportingDates(test.db);
		expect(closings[0]).toBe('2026-10-31');
		expect(closings.every((day) => day < today)).toBe(true);
	});
});

describe('the report', () => {
	const make = (to: string, key = randomUUID(), actor: Actor = coordinator) =>
		createReport(test.db, actor, { key, to, months: 3 }, today, now);
	const faultOf = (work: Promise<unknown>) =>
		work.then(
			() => 'none',
			(error: unknown) => (error instanceof DomainError ? error.kind : error)
		);

	it('is made once, stays as it was, and is compared with the one before', async () => {
		await setPrices(
			test.db,
			coordinator,
			{
				'keyboard-and-mouse': '45,50',
				footrest: '',
				'foot-bar': '',
				'seat-cushion': '',
				monitor: '',
				chair: '',
				'another-surface': ''
			},
			'EUR',
			now
		);
		const first = await make('2026-06-30');
		const key = randomUUID();
		expect(await make('2026-09-30', key)).toBe(await make('2026-09-30', key));
		expect(await listReports(test.db, reader)).toHaveLength(2);
		const { document } = await readReport(test.db, reader, key);
		expect(document).toMatchObject({ from: '2026-07-01', to: '2026-09-30', before: { to: '2026-06-30' } });
		expect(document.before?.key).toEqual((await readReport(test.db, reader, first)).document.key);
		expect(document.purchases).toEqual([
			{ purchase: 'keyboard-and-mouse', people: document.key.open?.x, cents: 4550, currency: 'EUR' }
		]);
		await test.db.update(schema.observations).set({ discomfort: ['knee'] });
		expect((await readReport(test.db, reader, key)).document).toEqual(document);
		const rows = reportRows(document);
		expect(rows.find(([part, of]) => part === 'discomfort' && of === 'neck')?.[3]).toBe(
			document.regions.find(({ code }) => code === 'neck')?.figure.x
		);
	});

	it('takes a remark and what was decided on it, and the next one says what came of that', async () => {
		const first = await make('2026-07-31');
		const before = await readReport(test.db, coordinator, first);
		const decided = {
			time: { result: 'agreed', note: ' An hour for everyone ' },
			first: { result: 'open', note: '' },
			// It doesn't ask for that.
			buy: { result: 'agreed', note: 'Not asked' }
		} as const;
		const record = (version: number, remark: string, actor: Actor = coordinator) =>
			recordOnReport(test.db, actor, first, { remark, decided, version }, now);
		expect(await faultOf(record(1, 'Not mine', reader))).toBe('not-allowed');
		await record(1, ' Two offices closed in July. ');
		// Of two coordinators at once, the second sees what the first one wrote.
		expect(await faultOf(record(1, 'Another remark'))).toBe('conflict');
		const after = await readReport(test.db, reader, first);
		expect(after).toMatchObject({
			document: before.document,
			remark: 'Two offices closed in July.',
			decided: { time: { result: 'agreed', note: 'An hour for everyone' } },
			version: 2
		});
		expect(Object.keys(after.decided)).toEqual(['time']);
		const { document } = await readReport(test.db, reader, await make('2026-08-31'));
		expect(document.author).toBe(coordinator.name);
		expect(document.last?.to).toBe('2026-07-31');
		const time = document.last?.outcomes.find(({ kind }) => kind === 'time');
		const [most] = before.document.findings;
		expect(time).toMatchObject({
			about: most?.code,
			decided: { result: 'agreed' },
			then: { x: most?.figure.x }
		});
		expect(time?.now?.x).toBe(document.findings.find(({ code }) => code === most?.code)?.figure.x);
		for (const { id } of await listReports(test.db, coordinator))
			await deleteReport(test.db, coordinator, id, now);
	});

	it('is refused to readers and for months that are not over, and taken away by coordinators alone', async () => {
		expect(await faultOf(make('2026-09-30', randomUUID(), reader))).toBe('not-allowed');
		expect(await faultOf(make('2026-11-30'))).toBe('invalid');
		const id = await make('2026-08-31');
		expect(await faultOf(deleteReport(test.db, reader, id, now))).toBe('not-allowed');
		await deleteReport(test.db, coordinator, id, now);
		expect(await faultOf(readReport(test.db, coordinator, id))).toBe('not-found');
	});
});

describe('prices', () => {
	it('are read as they are typed, and refused where they are none', async () => {
		expect(['129', '129.9', ' 129,95 ', '', '0'].map(parseCents)).toEqual([12900, 12990, 12995, null, 0]);
		for (const typed of ['12.345', '-3', 'ten', '1e3', '99999999'])
			expect(() => parseCents(typed)).toThrow(DomainError);
		expect(await readPrices(test.db)).toEqual([
			{ purchase: 'keyboard-and-mouse', cents: 4550, currency: 'EUR' }
		]);
	});
});
