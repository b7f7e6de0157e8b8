import { sql } from 'drizzle-orm';
import type { DirectoryChange } from '../../core/people/directory/directory-settings';
import type { ImportReport } from '../../core/people/exchange/import-report';
import { schema, type Db } from '../platform/db/client';

const { people } = schema;

/** What a staff directory's list may do, and what is in none of its rows. */
export interface DirectoryRules {
	readonly may: readonly DirectoryChange[];
	/** Staff numbers of people who have left, and of whom the directory has no address any more. */
	readonly goneNumbers: readonly string[];
}

/** Numbers that one person has here. */
const NUMBERS = sql`(select staff_number as number, min(lower(email)) as email from ${people}
	where staff_number <> '' group by 1 having count(*) = 1)`;

/**
 * Fits a directory's list, put aside in the temporary table `roster`, to the people: each is known by their staff number, and by their
 * address where one of the two has no number. An address that belongs to someone with another number connects nobody, since it may have
 * been passed on to a newcomer. What the directory leaves empty stays as it is. Cost: a few statements over all rows, each a join along
 * people_email_key or by a hash of the numbers.
 */
export async function fitDirectory(
	tx: Db,
	{ may, goneNumbers }: DirectoryRules,
	mostShown: number
): Promise<Pick<ImportReport, 'asideCount' | 'aside' | 'notAdded'>> {
	await tx.execute(sql`create index on roster ("staffNumber")`);
	await tx.execute(sql`insert into roster_gone
		select '', jsonb_array_elements_text(${JSON.stringify(goneNumbers)}::jsonb)`);
	await tx.execute(sql`update roster x set match = p.email from ${NUMBERS} p
		where x."staffNumber" = p.number
			and (select count(*) from roster o where o."staffNumber" = x."staffNumber") = 1`);
	await fitLeavers(tx);
	const { rows: inUse } = await tx.execute<Aside>(sql`delete from roster x using ${people} p
		where lower(p.email) = x.match and x.match = x.email and (
			(p.staff_number <> '' and x."staffNumber" <> '' and p.staff_number <> x."staffNumber")
			or exists (select from roster o where o.match = x.match and o.line <> x.line))
		returning x.name, x.email, x.team, 'address-in-use' as why`);
	await tx.execute(sql`insert into roster_aside
		select jsonb_array_elements_text(${JSON.stringify(inUse.map(({ email }) => email))}::jsonb)`);
	const { rows: kept } = may.includes('email')
		? await tx.execute<Aside>(sql`with taken as (
				select x.line, x.email from roster x
				where x.match <> x.email and exists (select from ${people} where lower(people.email) = x.email)),
			changed as (update roster x set email = x.match from taken t where t.line = x.line returning x.line, x.name, x.team)
			select c.name, t.email, c.team, 'address-kept' as why from changed c join taken t using (line) order by line`)
		: { rows: [] };
	if (!may.includes('email')) await tx.execute(sql`update roster set email = match where match <> email`);
	await tx.execute(sql`update roster x set
			"staffNumber" = coalesce(nullif(p.staff_number, ''), x."staffNumber"),
			team = coalesce(nullif(x.team, ''), p.team),
			phone = coalesce(nullif(x.phone, ''), p.phone),
			country = coalesce(nullif(x.country, ''), p.country),
			-- A region or a time zone belongs to its country.
			region = case when x.region = '' and x.country in ('', p.country) then p.region else x.region end,
			"timeZone" = case when x."timeZone" = '' and x.country in ('', p.country) then p.time_zone else x."timeZone" end
		from ${people} p where lower(p.email) = x.match`);
	const { rows: strangers } = may.includes('joiners')
		? { rows: [] }
		: await tx.execute(sql`delete from roster x
			where not exists (select from ${people} where lower(people.email) = x.match) returning x.line`);
	const aside = [...inUse, ...kept];
	return {
		asideCount: aside.length,
		aside: aside.slice(0, mostShown).map((row) => ({ ...row })),
		notAdded: strangers.length
	};
}

type Aside = { [K in keyof ImportReport['aside'][number]]: ImportReport['aside'][number][K] };

/** Who has left is known in the same way; an old account of someone who works here, or of someone else, is no reason to mark anyone. */
async function fitLeavers(tx: Db): Promise<void> {
	await tx.execute(
		sql`update roster_gone g set match = p.email from ${NUMBERS} p where g."staffNumber" = p.number`
	);
	await tx.execute(sql`delete from roster_gone g using ${people} p
		where lower(p.email) = g.match and p.staff_number <> '' and g."staffNumber" <> ''
			and p.staff_number <> g."staffNumber"`);
	await tx.execute(
		sql`delete from roster_gone g where g.match = '' or exists (select from roster x where x.match = g.match)`
	);
}
