import { eq, sql } from 'drizzle-orm';
import { hashToken } from '../src/lib/server/platform/access/tokens';
import type { Actor } from '../src/lib/server/platform/actor';
import { purgeUndoData } from '../src/lib/server/platform/acts/undo-acts';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import type { NewPerson } from '../src/lib/server/people/add-person';
import { plannerHere } from '../src/lib/server/plan/planning/planning';
import { GIVEN_NAMES, SURNAMES } from './invented-names';
import { liveOne, QUIET_TEAM } from './lives';
import { liveTogether } from './many-lives';
import { Dice } from './random';

export { ROUNDS_AGO } from './lives';

/** Lives that go through each of the program's use cases, one after the other. */
const MOST_LIVES = { quiet: 12, open: 24 } as const;

/** Lives that are lived side by side; a larger workforce repeats each under other names. */
const MOST_TOGETHER = 400;

/** One person in this many has just answered, and nobody has looked at it yet. */
const ONE_OPEN_IN = 16;

/** One person in this many leaves the last round unanswered. */
const SILENT_ONE_IN = 12;

/** Lives worked out at once: while the database writes one, another is computed. */
const AT_ONCE = 3;

/** People inserted by one statement. */
const CHUNK = 5000;

const TEAMS = [
	'Design',
	'Bookkeeping',
	'Support',
	'Sales',
	'Purchasing',
	'Photometry',
	'Translation',
	'Web shop',
	'Personnel',
	'Law',
	'Press',
	'Training'
] as const;

/** Teams as often as they have people: some are larger than others. */
const TEAM_SHARES = [...TEAMS, 'Web shop', 'Web shop', 'Support', 'Sales'] as const;

/** Countries whose people in the demo read German. */
const GERMAN_SPEAKING: readonly string[] = ['DE', 'AT'];

/** Where people live, with the telephone numbers that are reserved for fiction (Ofcom, Bundesnetzagentur); none where there are none. */
const COUNTRIES = [
	['GB', 'Europe/London', '+44 20 7946 0'],
	['PT', 'Europe/Lisbon', ''],
	['DE', 'Europe/Berlin', '+49 30 23125 '],
	['NL', 'Europe/Amsterdam', ''],
	['IE', 'Europe/Dublin', '']
] as const;

function drawPerson(dice: Dice, index: number): NewPerson {
	const name = `${dice.pick(GIVEN_NAMES)} ${dice.pick(SURNAMES)}`;
	const [country, timeZone, phone] = dice.pick(COUNTRIES);
	return {
		name,
		email: `${name.toLowerCase().replace(/[^a-z]+/g, '.')}.${index}@lanterns.example`,
		team: dice.pick(TEAM_SHARES),
		phone: phone !== '' && dice.chance(0.9) ? `${phone}${String(dice.int(100, 999))}` : '',
		country,
		language: GERMAN_SPEAKING.includes(country) ? 'de' : 'en',
		timeZone
	};
}

/**
 * Fills the workforce with generated people and two years of their lives. The program's own use cases work the lives out; in a large
 * workforce each is copied within the database to many people under other names. Cost: some ten seconds for the lives, then about eight
 * minutes for a hundred thousand people.
 */
export async function seedWorkforce(
	db: Db,
	count: number,
	now: Date,
	coordinator: Actor & { kind: 'user' }
): Promise<void> {
	const dice = new Dice(20_261_124);
	const isOpen = (n: number) => n % ONE_OPEN_IN === ONE_OPEN_IN - 1;
	const drawn = Array.from({ length: count }, (_, n) => ({
		n,
		isOpen: isOpen(n),
		person: drawPerson(dice, n)
	}));
	const lived: Record<'quiet' | 'open', string[]> = { quiet: [], open: [] };
	const poolOf = (open: boolean) => (open ? 'open' : 'quiet');
	const firstOf = (open: boolean) =>
		drawn.filter((one) => one.isOpen === open).slice(0, MOST_LIVES[poolOf(open)]);
	// Each in its own place, whichever finishes first: the same people have the same lives at every start.
	const originals = (['quiet', 'open'] as const).flatMap((pool) =>
		firstOf(pool === 'open').map((one, place) => ({ ...one, pool, place }))
	);
	const originalSet = new Set(originals.map(({ n }) => n));
	const waiting = [...originals];
	await Promise.all(
		Array.from({ length: AT_ONCE }, async () => {
			for (let next = waiting.shift(); next; next = waiting.shift()) {
				const how = { coordinator, planning: plannerHere, dice: new Dice(7_000 + next.n), now };
				lived[next.pool][next.place] = await liveOne(db, how, next.person, {
					isOpen: next.isOpen,
					isSilent: next.place % SILENT_ONE_IN === SILENT_ONE_IN - 1
				});
			}
		})
	);
	await purgeUndoData(db, now);
	await db
		.update(schema.emails)
		.set({ state: 'delivered', tries: 1, deliveredAt: sql`${schema.emails.writtenAt}` })
		.where(eq(schema.emails.state, 'waiting'));
	const together = drawn
		.filter(({ n, isOpen: open }) => !open && !originalSet.has(n))
		.slice(0, MOST_TOGETHER);
	// While the database writes for one part of them, the plans of another are solved.
	const parts = await Promise.all(
		Array.from({ length: AT_ONCE }, (_, part) =>
			liveTogether(
				db,
				together.filter((_one, i) => i % AT_ONCE === part),
				now
			)
		)
	);
	lived.quiet.push(...parts.flat());
	for (const { n } of together) originalSet.add(n);
	const copies = drawn.filter(({ n }) => !originalSet.has(n));
	for (let from = 0; from < copies.length; from += CHUNK) {
		const clones = copies.slice(from, from + CHUNK).map(({ n, isOpen: open, person }) => {
			const pool = lived[poolOf(open)];
			const isQuiet = !open && person.team === QUIET_TEAM && n % 2 === 0;
			const place = isQuiet ? SILENT_ONE_IN - 1 : n % pool.length;
			const token = `seed-${n}`;
			return { n, source: pool[place], token, hash: hashToken(token), ...person };
		});
		await db.transaction((tx) => copyLives(tx, clones));
		// Statistics gathered on nearly empty tables mislead the planner once they are full.
		if (from === 0) await db.execute(sql`analyze`);
	}
	// The database does this by itself in time: counts along an index then needn't visit the table.
	await db.execute(sql`vacuum analyze`);
}

/** A new id for a copied row, the same each time it is asked for. */
const copied = (id: string) => sql.raw(`md5(${id}::text || '/' || c.n)::uuid`);

/** The columns that are copied: all of a table but for some. */
async function columnsOf(tx: Db, table: string, without: readonly string[]): Promise<string[]> {
	const { rows } = await tx.execute<{ name: string }>(sql`
		select column_name as name from information_schema.columns
		where table_schema = 'public' and table_name = ${table} order by ordinal_position`);
	return rows.map(({ name }) => name).filter((name) => !without.includes(name));
}

/** Copies the rows of one table for every clone; `changed` gives the expressions for columns that differ. */
async function copyTable(
	tx: Db,
	table: string,
	from: string,
	changed: Readonly<Record<string, ReturnType<typeof sql>>>,
	without: readonly string[] = []
): Promise<void> {
	const kept = await columnsOf(tx, table, [...Object.keys(changed), ...without]);
	const names = sql.raw([...Object.keys(changed), ...kept].map((name) => `"${name}"`).join(', '));
	const values = sql.join(
		[...Object.values(changed), ...kept.map((name) => sql.raw(`t."${name}"`))],
		sql`, `
	);
	await tx.execute(sql`insert into ${sql.raw(table)} (${names}) select ${values} from ${sql.raw(from)}`);
}

async function copyLives(tx: Db, clones: readonly object[]): Promise<void> {
	await tx.execute(sql`create temporary table if not exists seed_clones (n int, source uuid, token text, hash text, name text,
		email text, team text, phone text) on commit delete rows`);
	await tx.execute(
		sql`create temporary table if not exists seed_results (n int, source bigint, id bigint) on commit delete rows`
	);
	await tx.execute(sql`insert into seed_clones select n, source, token, hash, name, email, team, phone
		from jsonb_populate_recordset(null::seed_clones, ${JSON.stringify(clones)}::jsonb)`);
	// A temporary table is never analysed by itself. Without statistics the planner takes it for a few rows and scans it once for each row
	// of the other.
	await tx.execute(sql`analyze seed_clones`);
	const of = (key: string) => `join seed_clones c on c.source = ${key}`;
	const person = { person_id: copied('t.person_id') };
	const owned = `join assessments a on a.id = t.assessment_id ${of('a.person_id')}`;
	const mine = { id: copied('t.id'), assessment_id: copied('t.assessment_id') };
	await copyTable(tx, 'people', `people t ${of('t.id')}`, {
		id: copied('t.id'),
		name: sql`c.name`,
		email: sql`c.email`,
		team: sql`c.team`,
		phone: sql`c.phone`
	});
	await copyTable(tx, 'assessments', `assessments t ${of('t.person_id')}`, {
		id: copied('t.id'),
		...person,
		token_hash: sql`case when t.sent_at = max(t.sent_at) over (partition by c.n) then c.hash else md5(t.id::text || c.n) end`
	});
	await copyTable(tx, 'plans', `plans t ${owned}`, mine);
	await copyTable(
		tx,
		'step_events',
		`step_events t join plans p on p.id = t.plan_id join assessments a on a.id = p.assessment_id ${of('a.person_id')} order by t.id`,
		{ plan_id: copied('t.plan_id') },
		['id']
	);
	await copyTable(tx, 'reported_discomfort', `reported_discomfort t ${owned}`, mine);
	await copyTable(tx, 'reported_signs', `reported_signs t ${of('t.person_id')}`, {
		id: copied('t.id'),
		...person
	});
	await copyTable(tx, 'check_ins', `check_ins t ${of('t.person_id')}`, { ...mine, ...person });
	await copyTable(tx, 'contacts', `contacts t ${of('t.person_id')}`, { id: copied('t.id'), ...person });
	await tx.execute(sql`insert into seed_results
		select c.n, t.id, nextval(pg_get_serial_sequence('assessment_results', 'id')) from assessment_results t join seed_clones c on c.source = t.person_id order by c.n, t.id`);
	await tx.execute(sql`analyze seed_results`);
	const ofAssessmentResult = (key: string) =>
		`${of('t.person_id')} join seed_results j on j.n = c.n and j.source = ${key}`;
	await copyTable(tx, 'assessment_results', `assessment_results t ${ofAssessmentResult('t.id')}`, {
		...person,
		id: sql`j.id`
	});
	await copyTable(
		tx,
		'observations',
		`observations t ${ofAssessmentResult('t.assessment_result_id')} order by t.id`,
		{ ...person, assessment_result_id: sql`j.id`, team: sql`c.team` },
		['id']
	);
	await copyTable(tx, 'follow_ups', `follow_ups t ${of('t.person_id')}`, {
		id: copied('t.id'),
		...person,
		after: copied('t.after')
	});
	await copyTable(
		tx,
		'cases',
		`cases t ${of('t.person_id')} left join seed_results j on j.n = c.n and j.source = t.assessment_result_id`,
		{
			...person,
			assessment_result_id: sql`j.id`
		}
	);
	await tx.execute(sql`
		insert into emails (person_id, to_name, to_email, kind, subject, body, link_path, written_at, next_try_at, state, delivered_at)
		select distinct on (c.n) ${copied('t.person_id')}, c.name, c.email, t.kind, t.subject, t.body, '/c/' || c.token, t.written_at,
			t.written_at, 'delivered', t.written_at
		from emails t join seed_clones c on c.source = t.person_id order by c.n, t.written_at desc`);
}
