import { sql } from 'drizzle-orm';
import type { Db } from '../../platform/db/client';

export interface RoundFigures {
	readonly people: number;
	readonly answered: number;
	/** Answered after the round was closed. */
	readonly late: number;
	/** Median days from the email to the answer; null where nobody answered. */
	readonly medianDays: number | null;
	/** Of those who answered: how many have a check that is off. */
	readonly withOff: number;
	/** Of those who answered: how many reported 4 or more. */
	readonly sore: number;
}

/** Computes the figures of a round: one pass over its people. */
export async function roundFigures(db: Db, id: string): Promise<RoundFigures> {
	const { rows } = await db.execute<{
		people: number;
		answered: number;
		late: number;
		median: number | null;
		with_off: number;
		sore: number;
	}>(sql`
		select count(*)::int as people,
			count(a.answered_at)::int as answered,
			(count(*) filter (where a.answered_at > r.closed_at))::int as late,
			percentile_cont(0.5) within group (order by extract(epoch from a.answered_at - a.sent_at) / 86400)
				filter (where a.answered_at is not null) as median,
			(count(*) filter (where a.checks_off > 0))::int as with_off,
			(count(*) filter (where exists (
				select 1 from jsonb_array_elements(a.discomfort) d where (d->>'worst')::numeric >= 4)))::int as sore
		from round_people rp
		join rounds r on r.id = rp.round_id
		left join assessments a on a.id = rp.assessment_id
		where rp.round_id = ${id}::uuid`);
	const [row] = rows;
	return {
		people: row?.people ?? 0,
		answered: row?.answered ?? 0,
		late: row?.late ?? 0,
		medianDays: row?.median === null || row?.median === undefined ? null : Number(row.median),
		withOff: row?.with_off ?? 0,
		sore: row?.sore ?? 0
	};
}

/** Two rounds for the people who answered both: only these show whether something has changed. */
export interface PairedRoundFigures {
	readonly people: number;
	/** How many have a check that is off: in the one round, and in the other. */
	readonly withOff: readonly [number, number];
	/** How many reported 4 or more. */
	readonly sore: readonly [number, number];
}

/** Compares two rounds for the same people: one pass over those who answered both. */
export async function pairedRoundFigures(db: Db, id: string, otherId: string): Promise<PairedRoundFigures> {
	const isSore = (of: 'a' | 'b') => sql`exists (
		select 1 from jsonb_array_elements(${sql.identifier(of)}.discomfort) d where (d->>'worst')::numeric >= 4)`;
	const { rows } = await db.execute<
		Record<'people' | 'off' | 'off_other' | 'sore' | 'sore_other', number>
	>(sql`
		select count(*)::int as people,
			(count(*) filter (where a.checks_off > 0))::int as off,
			(count(*) filter (where b.checks_off > 0))::int as off_other,
			(count(*) filter (where ${isSore('a')}))::int as sore,
			(count(*) filter (where ${isSore('b')}))::int as sore_other
		from round_people mine
		join round_people theirs on theirs.person_id = mine.person_id and theirs.round_id = ${otherId}::uuid
		join assessments a on a.id = mine.assessment_id and a.answered_at is not null
		join assessments b on b.id = theirs.assessment_id and b.answered_at is not null
		where mine.round_id = ${id}::uuid`);
	const [row] = rows;
	return {
		people: row?.people ?? 0,
		withOff: [row?.off ?? 0, row?.off_other ?? 0],
		sore: [row?.sore ?? 0, row?.sore_other ?? 0]
	};
}
