import { and, asc, eq, inArray, isNull, sql, type SQL } from 'drizzle-orm';
import {
	RECENT_ANSWER_DAYS,
	EXCLUSION_REASONS,
	type ExclusionReason,
	type ExcludedGroup
} from '../../../core/platform/sending';
import { schema, type Db } from '../../platform/db/client';
import type { RoundFilter } from '../../platform/db/schema/rounds';

const { cases, people } = schema;

const DAY_MS = 86_400_000;

/** Most people named for each reason, and of those included. */
const MOST_NAMED = 40;

/** Why someone is left out of sending to many, for a row of people and cases; null where they are not. */
export function excludedPeople(now: Date, notAnsweredWithinDays = 0): SQL<ExclusionReason | null> {
	const since = (days: number) => sql`${new Date(now.getTime() - days * DAY_MS).toISOString()}::timestamptz`;
	return sql<ExclusionReason | null>`case
		when ${people.bouncedAt} is not null then 'bounced'
		when ${cases.openSince} is not null and ${cases.level} in ('emergency', 'urgent', 'clinician') then 'grave'
		when ${cases.referredOn} is not null then 'referred'
		when ${cases.startedAt} is not null and ${cases.answeredAt} is null and ${cases.revokedAt} is null then 'begun'
		when ${cases.answeredAt} > ${since(RECENT_ANSWER_DAYS)} then 'fresh'
		when ${notAnsweredWithinDays > 0 ? sql`${cases.answeredAt} >= ${since(notAnsweredWithinDays)}` : sql`false`} then 'answered' end`;
}

/** The people a filter is about: those who are here. */
function about({ teams, country }: RoundFilter): SQL | undefined {
	return and(
		isNull(people.leftAt),
		teams.length > 0 ? inArray(people.team, [...teams]) : undefined,
		country ? eq(people.country, country) : undefined
	);
}

/** The people a filter selects: here, matching, and not left out. */
export function matchingPeople(filter: RoundFilter, now: Date): SQL | undefined {
	return and(about(filter), sql`${excludedPeople(now, filter.notAnsweredWithinDays)} is null`);
}

/** The people a filter selects now, and who is left out and why. */
export interface RoundSelection {
	readonly n: number;
	/** The first of them by name. */
	readonly names: readonly string[];
	readonly leftOut: readonly ExcludedGroup[];
}

/** Who would be sent an invitation, and who not. Cost: one pass over the people of the filter, which also collects the names. */
export async function previewRoundSelection(db: Db, filter: RoundFilter, now: Date): Promise<RoundSelection> {
	return grouped(db, about(filter), excludedPeople(now, filter.notAnsweredWithinDays));
}

/** The same for people selected by hand. */
export async function roundSelectionOf(db: Db, whom: SQL | undefined, now: Date): Promise<RoundSelection> {
	return grouped(db, and(isNull(people.leftAt), whom), excludedPeople(now));
}

async function grouped(
	db: Db,
	whom: SQL | undefined,
	why: SQL<ExclusionReason | null>
): Promise<RoundSelection> {
	const found = db
		.select({
			name: people.name,
			why: why.as('why'),
			place:
				sql<number>`row_number() over (partition by ${why} order by lower(${people.name}), ${people.id})`.as(
					'place'
				)
		})
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.where(whom)
		.as('found');
	const rows = await db
		.select({
			why: found.why,
			n: sql<number>`count(*)::int`,
			names: sql<
				string[]
			>`array_agg(${found.name} order by ${found.place}) filter (where ${found.place} <= ${MOST_NAMED})`
		})
		.from(found)
		.groupBy(found.why)
		.orderBy(asc(found.why));
	const isIn = rows.find((row) => row.why === null);
	return {
		n: isIn?.n ?? 0,
		names: isIn?.names ?? [],
		leftOut: EXCLUSION_REASONS.flatMap((one) => {
			const group = rows.find((row) => row.why === one);
			return group ? [{ why: one, n: group.n, names: group.names }] : [];
		})
	};
}
