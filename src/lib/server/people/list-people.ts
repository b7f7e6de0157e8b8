import { and, desc, eq, ilike, isNull, or, sql } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { schema, type Db } from '../db/client';

const { people, assessments, followUps } = schema;

/** Where a person's newest self-assessment stands. */
export type PersonState = 'none' | 'sent' | 'started' | 'answered' | 'revoked' | 'expired';

/** One line of the list. */
export interface PersonLine {
	readonly id: string;
	readonly name: string;
	readonly team: string;
	readonly state: PersonState;
	/** When that was: the day it was sent, started or answered. */
	readonly at: Date | null;
	readonly checksOff: number | null;
	readonly checksUnsure: number | null;
	readonly followUpDue: string | null;
}

/** A page of the list, and where the next one begins. */
export interface PeoplePage {
	readonly lines: readonly PersonLine[];
	readonly next: string | null;
	readonly total: number;
}

/** People on one page. */
export const PEOPLE_A_PAGE = 50;

type NewestAssessment = Pick<
	typeof assessments.$inferSelect,
	'sentAt' | 'expiresAt' | 'revokedAt' | 'savedAt' | 'consentedAt' | 'answeredAt'
>;

/** Where an assessment stands at a moment. */
export function stateOf(newest: NewestAssessment | null, now: Date): { state: PersonState; at: Date | null } {
	if (!newest) return { state: 'none', at: null };
	if (newest.answeredAt) return { state: 'answered', at: newest.answeredAt };
	if (newest.revokedAt) return { state: 'revoked', at: newest.revokedAt };
	if (newest.expiresAt <= now) return { state: 'expired', at: newest.expiresAt };
	const started = newest.savedAt ?? newest.consentedAt;
	return started ? { state: 'started', at: started } : { state: 'sent', at: newest.sentAt };
}

/** Escapes what LIKE reads as a pattern. */
function literal(text: string): string {
	return text.replace(/[\\%_]/g, (c) => `\\${c}`);
}

/** The position of a line in the list's order, as an opaque text. */
function cursorOf(line: { name: string; id: string }): string {
	return Buffer.from(JSON.stringify([line.name.toLowerCase(), line.id])).toString('base64url');
}

function afterCursor(cursor: string | undefined) {
	if (!cursor) return undefined;
	try {
		const [name, id] = JSON.parse(Buffer.from(cursor, 'base64url').toString()) as [unknown, unknown];
		if (typeof name !== 'string' || typeof id !== 'string' || !/^[0-9a-f-]{36}$/.test(id)) return undefined;
		return sql`(lower(${people.name}), ${people.id}) > (${name}, ${id})`;
	} catch {
		return undefined;
	}
}

/**
 * People by name, a page at a time. The page is read in the order of `people_name_id_idx`; the newest assessment of
 * each is one look into `assessments_person_sent_idx`. A search reads along the same index until the page is
 * full: linear in the workforce where nothing matches.
 */
export async function listPeople(
	db: Db,
	actor: Actor,
	input: { search: string; cursor?: string | undefined },
	now: Date
): Promise<PeoplePage> {
	needCoordinator(actor);
	const search = input.search.trim();
	const pattern = `%${literal(search)}%`;
	const matches = search
		? or(ilike(people.name, pattern), ilike(people.team, pattern), ilike(people.email, pattern))
		: undefined;
	const newest = db
		.select()
		.from(assessments)
		.where(and(eq(assessments.personId, people.id), isNull(assessments.spotOf)))
		.orderBy(desc(assessments.sentAt))
		.limit(1)
		.as('newest');
	const rows = await db
		.select({
			person: people,
			newest: {
				sentAt: newest.sentAt,
				expiresAt: newest.expiresAt,
				revokedAt: newest.revokedAt,
				savedAt: newest.savedAt,
				consentedAt: newest.consentedAt,
				answeredAt: newest.answeredAt,
				checksOff: newest.checksOff,
				checksUnsure: newest.checksUnsure
			},
			due: followUps.due
		})
		.from(people)
		.leftJoinLateral(newest, sql`true`)
		.leftJoin(followUps, and(eq(followUps.personId, people.id), isNull(followUps.doneAt)))
		.where(and(matches, afterCursor(input.cursor)))
		.orderBy(sql`lower(${people.name})`, people.id)
		.limit(PEOPLE_A_PAGE + 1);
	const total = await db.$count(people, matches);
	const lines = rows.slice(0, PEOPLE_A_PAGE).map(({ person, newest: a, due }) => ({
		id: person.id,
		name: person.name,
		team: person.team,
		...stateOf(a, now),
		checksOff: a?.checksOff ?? null,
		checksUnsure: a?.checksUnsure ?? null,
		followUpDue: due
	}));
	const last = lines.at(-1);
	return { lines, total, next: rows.length > PEOPLE_A_PAGE && last ? cursorOf(last) : null };
}
