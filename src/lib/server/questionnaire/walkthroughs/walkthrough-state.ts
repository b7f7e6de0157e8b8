import { eq, sql } from 'drizzle-orm';
import { answersChangedSince } from '../../../core/questionnaire/answers/changed-since';
import {
	agreementOn,
	hasRunOut,
	LONGEST_WALKTHROUGH_MS,
	type WalkthroughEntry,
	type WalkthroughPlan,
	type WalkthroughState,
	type WalkthroughSummary
} from '../../../core/questionnaire/walkthrough/walkthrough';
import { stationOfField, WALKTHROUGH_STATIONS } from '../../../core/questionnaire/walkthrough/stations';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { plansInProgress } from '../../plan/plans/current-plan';
import { walkthroughsOf, type WalkthroughRow } from './open-walkthrough';
import { visitsSince } from './walkthrough-visits';

const { assessments, plans, users, walkthroughMembers, walkthroughs } = schema;

/** Most summaries shown; earlier ones are in the person's data. */
const MOST_SUMMARIES = 5;

/** An entry as JSON has it. */
type EntryRow = Omit<WalkthroughEntry, 'at' | 'readOutTo'> & {
	readonly isReadOut: boolean;
	readonly name: string | null;
	readonly at: string;
};

/** What was entered in a walkthrough of the statement, newest first; served by the key. */
const entriesHere = sql<EntryRow[]>`(
	select coalesce(json_agg(json_build_object('field', e.field, 'text', e.text, 'unit', e.unit, 'isReadOut', e.is_read_out,
		'name', u.name, 'at', e.at) order by e.at desc, e.field), '[]')
	from walkthrough_entries e left join users u on u.id = e.user_id where e.walkthrough_id = ${walkthroughs.id})`;

const entryOf = ({ isReadOut, name, at, ...entry }: EntryRow): WalkthroughEntry => ({
	...entry,
	at: new Date(at),
	readOutTo: isReadOut ? (name ?? '') : null
});

/** Who has a walkthrough of the statement open now: their names, null for the person; by walkthrough_visits_walkthrough_idx. */
const visitorsHere = (now: Date) => sql<(string | null)[]>`(
	select coalesce(json_agg(distinct u.name), '[]') from walkthrough_visits v left join users u on u.id = v.user_id
	where v.walkthrough_id = ${walkthroughs.id} and v.since > ${visitsSince(now).toISOString()}::timestamptz)`;

type AssessmentRow = typeof assessments.$inferSelect;

async function planOf(db: Db, assessment: AssessmentRow): Promise<WalkthroughPlan | null> {
	const { corner } = assessment;
	if (!corner) return null;
	const [plan] = await plansInProgress(db, [assessment.id]);
	if (!plan) return null;
	const isBehind = answersChangedSince({ ...assessment, corner }, assessment.answers, assessment.way);
	return { id: plan.id, steps: plan.steps, isBehind };
}

/**
 * A walkthrough as both see it now. Cost: one statement of look-ups by keys, and another where there is a plan.
 * @throws DomainError where it is gone with its self-assessment
 */
export async function readWalkthroughState(db: Db, id: string, now: Date): Promise<WalkthroughState> {
	const [row] = await db
		.select({
			walkthrough: walkthroughs,
			assessment: assessments,
			pointedBy: users.name,
			visitors: visitorsHere(now),
			entries: entriesHere
		})
		.from(walkthroughs)
		.innerJoin(assessments, eq(assessments.id, walkthroughs.assessmentId))
		.leftJoin(users, eq(users.id, walkthroughs.pointedBy))
		.where(eq(walkthroughs.id, id));
	if (!row) throw new DomainError('ended', 'walkthroughEnded');
	const { walkthrough, assessment } = row;
	const plan = await planOf(db, assessment);
	return {
		code: walkthrough.code,
		answers: assessment.answers,
		revision: assessment.answersRevision,
		station: walkthrough.station,
		question: walkthrough.question,
		pointedBy: row.pointedBy,
		isPersonHere: row.visitors.includes(null),
		coordinatorsHere: row.visitors.flatMap((name) => name ?? []),
		entries: row.entries.map(entryOf),
		plan,
		agreement: agreementOn(plan, {
			person: walkthrough.personPlan,
			coordinator: walkthrough.coordinatorPlan
		}),
		nextOn: walkthrough.nextOn,
		isOpen:
			walkthrough.endedAt === null && assessment.revokedAt === null && !hasRunOut(walkthrough.startedAt, now)
	};
}

async function membersOf(db: Db, walkthroughId: string): Promise<string[]> {
	const rows = await db
		.select({ name: users.name })
		.from(walkthroughMembers)
		.innerJoin(users, eq(users.id, walkthroughMembers.userId))
		.where(eq(walkthroughMembers.walkthroughId, walkthroughId))
		.orderBy(walkthroughMembers.at);
	return rows.map(({ name }) => name);
}

async function summaryOf(db: Db, row: WalkthroughRow): Promise<WalkthroughSummary> {
	const agreed = row.personPlan !== null && row.personPlan === row.coordinatorPlan ? row.personPlan : null;
	const [plan] = agreed
		? await db.select({ steps: plans.steps }).from(plans).where(eq(plans.id, agreed))
		: [];
	const [found] = await db
		.select({ entries: entriesHere })
		.from(walkthroughs)
		.innerJoin(assessments, eq(assessments.id, walkthroughs.assessmentId))
		.where(eq(walkthroughs.id, row.id));
	const entries = (found?.entries ?? []).map(entryOf);
	const order = (field: string) => WALKTHROUGH_STATIONS.indexOf(stationOfField(field));
	return {
		id: row.id,
		startedAt: row.startedAt,
		endedAt: row.endedAt ?? new Date(row.startedAt.getTime() + LONGEST_WALKTHROUGH_MS),
		endedBy: row.endedBy ?? 'time',
		coordinators: await membersOf(db, row.id),
		entries: entries.toSorted((a, b) => order(a.field) - order(b.field)),
		agreed: plan?.steps ?? null,
		nextOn: row.nextOn
	};
}

/** The summaries of a person's walkthroughs that have ended, newest first; those that no coordinator came into say nothing. */
export async function readSummaries(db: Db, personId: string, now: Date): Promise<WalkthroughSummary[]> {
	const rows = await walkthroughsOf(db, personId, MOST_SUMMARIES);
	const ended = rows.filter((row) => row.endedAt !== null || hasRunOut(row.startedAt, now));
	const summaries: WalkthroughSummary[] = [];
	for (const row of ended) summaries.push(await summaryOf(db, row));
	return summaries.filter(({ coordinators }) => coordinators.length > 0);
}
