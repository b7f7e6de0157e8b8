import { and, eq, isNotNull, isNull } from 'drizzle-orm';
import { addUser } from '$lib/server/platform/access/add-user';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { TRIAGE_LEVELS } from '$lib/core/cases/triage/policy';
import { schema } from '$lib/server/platform/db/client';
import { findPeople } from '$lib/server/people/find-people';
import { sortOrderOfQuery, sortColumns } from '$lib/server/people/people-order';
import { listPeople, personStateOf, type PersonLine } from '$lib/server/people/list-people';
import { PEOPLE_ORDERS, PERSON_STATES } from '$lib/core/people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { seedWorkforce } from '../../seed/workforce';
import { makeTestDatabase, type TestDatabase } from '../support/database';

const { cases, people } = schema;
const now = new Date('2026-03-02T09:00:00Z');
const PEOPLE = 220;

let test: TestDatabase;
let everyone: { person: typeof people.$inferSelect; newest: typeof cases.$inferSelect }[];

beforeAll(async () => {
	test = await makeTestDatabase();
	const account = {
		email: 'c@example.org',
		name: 'C',
		role: 'coordinator',
		password: 'long enough pass'
	} as const;
	const id = await addUser(test.db, account);
	await seedWorkforce(test.db, PEOPLE, now, { kind: 'user', id, name: 'C', role: 'coordinator' });
	// A link that was taken back, which the generated workforce has none of: of one of the many who have answered and are here.
	const [open] = await test.db
		.select({ id: cases.personId })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.where(and(isNotNull(cases.answeredAt), isNull(people.leftAt)))
		.orderBy(cases.personId)
		.limit(1);
	await test.db
		.update(cases)
		.set({ sentAt: now, answeredAt: null, revokedAt: now })
		.where(eq(cases.personId, open?.id ?? ''));
	everyone = (
		await test.db
			.select({ person: people, newest: cases })
			.from(people)
			.innerJoin(cases, eq(cases.personId, people.id))
	).sort((a, b) => {
		const [x, y] = [a.person.name.toLowerCase(), b.person.name.toLowerCase()];
		return x < y ? -1 : x > y ? 1 : a.person.id < b.person.id ? -1 : 1;
	});
});

afterAll(() => test.drop());

/** The people of a filter, by reading all of them here. */
function byHand(query: string): string[] {
	const { search, team, country, state, level, who } = filterOfQuery(new URLSearchParams(query));
	const words = search.toLowerCase().split(/\s+/).filter(Boolean);
	return everyone
		.filter(({ person, newest }) => {
			const text = `${person.name} ${person.team} ${person.email}`.toLowerCase();
			const isFound =
				search.length < 3
					? person.name.toLowerCase().startsWith(search.toLowerCase())
					: words.every((word) => text.includes(word));
			return (
				isFound &&
				(!team || person.team === team) &&
				(!country || person.country === country) &&
				(!state || personStateOf(newest).state === state) &&
				(!level || (newest.assessmentResultId !== null && newest.level === level)) &&
				(who === 'left') === (person.leftAt !== null) &&
				(who !== 'bounced' || person.bouncedAt !== null)
			);
		})
		.map(({ person }) => person.id);
}

describe('people found by a filter', () => {
	const searches = ['', 'a', 'zz', 'al', 'ald', 'law', 'lanterns.example', 'an law', '100%', 'a_b', "o'"];
	const queries = [
		...searches.map((q) => `q=${encodeURIComponent(q)}`),
		...PERSON_STATES.map((state) => `state=${state}`),
		...TRIAGE_LEVELS.map((level) => `level=${level}`),
		'who=left',
		'who=bounced',
		'team=Law&country=PT',
		'q=ald&state=answered',
		'q=an&level=soon&state=answered',
		'q=ann&team=Sales&state=sent&who=left',
		'state=none&team=Design'
	];

	it.each(queries)(
		'are the same, and in the same order, looked up, read in order, and by hand: %s',
		async (query) => {
			const filter = filterOfQuery(new URLSearchParams(query));
			const wanted = {
				order: sortColumns({ by: 'name', isReversed: false }),
				most: PEOPLE,
				mostCounted: PEOPLE
			};
			const want = byHand(query);
			for (const mostLookedUp of [Infinity, -1])
				expect(
					await findPeople(test.db, filter, wanted, { filtered: mostLookedUp, searched: mostLookedUp })
				).toEqual({
					ids: want,
					counted: want.length
				});
		}
	);

	it('are not all nobody', () => {
		const found = queries.filter((query) => byHand(query).length > 0);
		expect(found.length).toBeGreaterThan(queries.length / 2);
		for (const state of ['none', 'sent', 'answered', 'revoked'])
			expect(byHand(`state=${state}`).length).toBeGreaterThan(0);
	});

	it('are counted to a limit and no further', async () => {
		const filter = filterOfQuery(new URLSearchParams('q=lanterns.example'));
		for (const mostLookedUp of [Infinity, -1]) {
			const found = await findPeople(
				test.db,
				filter,
				{ order: sortColumns({ by: 'name', isReversed: false }), most: 3, mostCounted: 10 },
				{ filtered: mostLookedUp, searched: mostLookedUp }
			);
			expect([found.ids.length, found.counted]).toEqual([3, 11]);
		}
	});
});

/** What an order goes by in a line, so that texts of it compare as it does; null where there is nothing. */
const KEY: Readonly<Record<(typeof PEOPLE_ORDERS)[number], (line: PersonLine) => string | null>> = {
	name: ({ name }) => name.toLowerCase(),
	team: ({ team, name }) => `${team}\u0001${name.toLowerCase()}`,
	answered: ({ answeredAt }) => answeredAt?.toISOString() ?? null,
	'checks-off': ({ checksOff }) => (checksOff === null ? null : String(checksOff).padStart(3, '0')),
	'follow-up': ({ followUpDue }) => followUpDue
};

describe('a list in an order', () => {
	const actor = {
		kind: 'user',
		id: '00000000-0000-4000-8000-000000000000',
		name: 'C',
		role: 'coordinator'
	} as const;

	/** All lines of a list, page after page. */
	async function allOf(query: string): Promise<PersonLine[]> {
		const lines: PersonLine[] = [];
		const [filter, order] = [filterOfQuery, sortOrderOfQuery].map((read) =>
			read(new URLSearchParams(query))
		) as [ReturnType<typeof filterOfQuery>, ReturnType<typeof sortOrderOfQuery>];
		let cursor: string | undefined;
		do {
			const page = await listPeople(test.db, actor, { filter, order, cursor, now });
			lines.push(...page.lines);
			cursor = page.next ?? undefined;
		} while (cursor !== undefined);
		return lines;
	}

	it.each(PEOPLE_ORDERS.flatMap((by) => [by, `-${by}`]))(
		'goes by it over all its pages, and who has nothing there stands last: %s',
		async (by) => {
			for (const narrowed of ['', '&state=answered', '&q=lanterns.example']) {
				const lines = await allOf(`by=${by}${narrowed}`);
				const plain = await allOf(`by=name${narrowed}`);
				expect(lines.map(({ id }) => id).sort()).toEqual(plain.map(({ id }) => id).sort());
				const keys = lines.map(KEY[sortOrderOfQuery(new URLSearchParams({ by })).by]);
				const some = keys.filter((key) => key !== null);
				expect(keys.slice(0, some.length)).toEqual(some);
				// The newest answers and the most checks stand first unless it is reversed; all else goes up.
				const isDown = /answered|checks/.test(by) !== by.startsWith('-');
				const sorted = some.toSorted((a, b) => (a < b ? -1 : a > b ? 1 : 0));
				expect(some).toEqual(isDown ? sorted.reverse() : sorted);
			}
		}
	);

	it('starts again at a place that is none of its own', async () => {
		const start = await allOf('by=team');
		const made = (place: unknown) => Buffer.from(JSON.stringify(place)).toString('base64url');
		const id = '00000000-0000-4000-8000-000000000000';
		for (const cursor of [
			'rubbish',
			made(['Law', id]),
			made(['x', 'y', 'z']),
			made([1, 2, id]),
			made(null)
		]) {
			const order = { by: 'team', isReversed: false } as const;
			const page = await listPeople(test.db, actor, {
				filter: filterOfQuery(new URLSearchParams()),
				order,
				cursor,
				now
			});
			expect(page.lines[0]?.id).toBe(start[0]?.id);
		}
		// A number that is none, a day that is none: neither a fault of the database nor an empty list.
		for (const by of ['checks-off', 'follow-up', 'answered'] as const) {
			const page = await listPeople(test.db, actor, {
				filter: filterOfQuery(new URLSearchParams()),
				order: { by, isReversed: false },
				cursor: made([`1; drop`, id]),
				now
			});
			expect(page.lines.length).toBeGreaterThan(0);
		}
	});
});
