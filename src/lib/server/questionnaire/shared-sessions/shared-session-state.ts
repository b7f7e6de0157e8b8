import { eq, sql } from 'drizzle-orm';
import { answersChangedSince } from '../../../core/questionnaire/answers/changed-since';
import {
	agreementOn,
	hasRunOut,
	LONGEST_SHARED_SESSION_MS,
	type SharedSessionEntry,
	type SharedSessionPlan,
	type SharedSessionState,
	type SharedSessionSummary
} from '../../../core/questionnaire/shared-session/shared-session';
import { stationOfField, SHARED_SESSION_STATIONS } from '../../../core/questionnaire/shared-session/stations';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { plansInProgress } from '../../plan/plans/current-plan';
import { sharedSessionsOf, type SharedSessionRow } from './open-shared-session';
import { visitsSince } from './shared-session-visits';

const { assessments, plans, users, sharedSessionMembers, sharedSessions } = schema;

/** Most summaries shown; earlier ones are in the person's data. */
const MOST_SUMMARIES = 5;

type EntryRow = Omit<SharedSessionEntry, 'at' | 'readOutTo'> & {
	readonly isReadOut: boolean;
	readonly name: string | null;
	readonly at: string;
};

/** What was entered in a shared session of the statement, newest first; served by the key. */
const entriesHere = sql<EntryRow[]>`(
	select coalesce(json_agg(json_build_object('field', e.field, 'text', e.text, 'unit', e.unit, 'isReadOut', e.is_read_out,
		'name', u.name, 'at', e.at) order by e.at desc, e.field), '[]')
	from shared_session_entries e left join users u on u.id = e.user_id where e.shared_session_id = ${sharedSessions.id})`;

const entryOf = ({ isReadOut, name, at, ...entry }: EntryRow): SharedSessionEntry => ({
	...entry,
	at: new Date(at),
	readOutTo: isReadOut ? (name ?? '') : null
});

/** Who has a shared session of the statement open now: their names, null for the person; by shared_session_visits_shared_session_idx. */
const visitorsHere = (now: Date) => sql<(string | null)[]>`(
	select coalesce(json_agg(distinct u.name), '[]') from shared_session_visits v left join users u on u.id = v.user_id
	where v.shared_session_id = ${sharedSessions.id} and v.since > ${visitsSince(now).toISOString()}::timestamptz)`;

type AssessmentRow = typeof assessments.$inferSelect;

async function planOf(db: Db, assessment: AssessmentRow): Promise<SharedSessionPlan | null> {
	const { workstation } = assessment;
	if (!workstation) return null;
	const [plan] = await plansInProgress(db, [assessment.id]);
	if (!plan) return null;
	const isBehind = answersChangedSince(
		{ ...assessment, corner: workstation },
		assessment.answers,
		assessment.sittingStyle
	);
	return { id: plan.id, steps: plan.steps, isBehind };
}

/**
 * A shared session as both see it now. Cost: one statement of look-ups by keys, and another where there is a plan.
 * @throws DomainError where it is gone with its self-assessment
 */
export async function readSharedSessionState(db: Db, id: string, now: Date): Promise<SharedSessionState> {
	const [row] = await db
		.select({
			sharedSession: sharedSessions,
			assessment: assessments,
			pointedBy: users.name,
			visitors: visitorsHere(now),
			entries: entriesHere
		})
		.from(sharedSessions)
		.innerJoin(assessments, eq(assessments.id, sharedSessions.assessmentId))
		.leftJoin(users, eq(users.id, sharedSessions.pointedBy))
		.where(eq(sharedSessions.id, id));
	if (!row) throw new DomainError('ended', 'sharedSessionEnded');
	const { sharedSession, assessment } = row;
	const plan = await planOf(db, assessment);
	return {
		code: sharedSession.code,
		answers: assessment.answers,
		revision: assessment.answersRevision,
		station: sharedSession.station,
		question: sharedSession.question,
		pointedBy: row.pointedBy,
		isPersonHere: row.visitors.includes(null),
		coordinatorsHere: row.visitors.flatMap((name) => name ?? []),
		entries: row.entries.map(entryOf),
		plan,
		agreement: agreementOn(plan, {
			person: sharedSession.personPlan,
			coordinator: sharedSession.coordinatorPlan
		}),
		nextOn: sharedSession.nextOn,
		isOpen:
			sharedSession.endedAt === null &&
			assessment.revokedAt === null &&
			!hasRunOut(sharedSession.startedAt, now)
	};
}

async function membersOf(db: Db, sharedSessionId: string): Promise<string[]> {
	const rows = await db
		.select({ name: users.name })
		.from(sharedSessionMembers)
		.innerJoin(users, eq(users.id, sharedSessionMembers.userId))
		.where(eq(sharedSessionMembers.sharedSessionId, sharedSessionId))
		.orderBy(sharedSessionMembers.at);
	return rows.map(({ name }) => name);
}

async function summaryOf(db: Db, row: SharedSessionRow): Promise<SharedSessionSummary> {
	const agreed = row.personPlan !== null && row.personPlan === row.coordinatorPlan ? row.personPlan : null;
	const [plan] = agreed
		? await db.select({ steps: plans.steps }).from(plans).where(eq(plans.id, agreed))
		: [];
	const [found] = await db
		.select({ entries: entriesHere })
		.from(sharedSessions)
		.innerJoin(assessments, eq(assessments.id, sharedSessions.assessmentId))
		.where(eq(sharedSessions.id, row.id));
	const entries = (found?.entries ?? []).map(entryOf);
	const order = (field: string) => SHARED_SESSION_STATIONS.indexOf(stationOfField(field));
	return {
		id: row.id,
		startedAt: row.startedAt,
		endedAt: row.endedAt ?? new Date(row.startedAt.getTime() + LONGEST_SHARED_SESSION_MS),
		endedBy: row.endedBy ?? 'time',
		coordinators: await membersOf(db, row.id),
		entries: entries.toSorted((a, b) => order(a.field) - order(b.field)),
		agreed: plan?.steps ?? null,
		nextOn: row.nextOn
	};
}

/** The summaries of a person's shared sessions that have ended, newest first; those that no coordinator came into say nothing. */
export async function readSummaries(db: Db, personId: string, now: Date): Promise<SharedSessionSummary[]> {
	const rows = await sharedSessionsOf(db, personId, MOST_SUMMARIES);
	const ended = rows.filter((row) => row.endedAt !== null || hasRunOut(row.startedAt, now));
	const summaries: SharedSessionSummary[] = [];
	for (const row of ended) summaries.push(await summaryOf(db, row));
	return summaries.filter(({ coordinators }) => coordinators.length > 0);
}
