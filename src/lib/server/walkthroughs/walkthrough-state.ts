import { desc, eq } from 'drizzle-orm';
import { answersChangedSince } from '../../core/answers';
import {
	agreementOn,
	hasRunOut,
	LONGEST_WALKTHROUGH_MS,
	stationOfField,
	WALKTHROUGH_STATIONS,
	type WalkthroughEntry,
	type WalkthroughPlan,
	type WalkthroughState,
	type WalkthroughSummary
} from '../../core/walkthrough';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { plansInProgress } from '../plans/current-plan';
import { walkthroughsOf, type WalkthroughRow } from './open-walkthrough';
import { whoIsHere } from './walkthrough-visits';

const { assessments, plans, users, walkthroughEntries, walkthroughMembers, walkthroughs } = schema;

/** Most summaries shown; earlier ones are in the person's data. */
const MOST_SUMMARIES = 5;

/** What was entered, newest first; served by the key. */
async function entriesOf(db: Db, walkthroughId: string): Promise<WalkthroughEntry[]> {
	const rows = await db
		.select({
			field: walkthroughEntries.field,
			text: walkthroughEntries.text,
			unit: walkthroughEntries.unit,
			isReadOut: walkthroughEntries.isReadOut,
			name: users.name,
			at: walkthroughEntries.at
		})
		.from(walkthroughEntries)
		.leftJoin(users, eq(users.id, walkthroughEntries.userId))
		.where(eq(walkthroughEntries.walkthroughId, walkthroughId))
		.orderBy(desc(walkthroughEntries.at), walkthroughEntries.field);
	return rows.map(({ isReadOut, name, ...entry }) => ({
		...entry,
		readOutTo: isReadOut ? (name ?? '') : null
	}));
}

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
 * A walkthrough as both see it now. Cost: five look-ups by keys.
 * @throws DomainError where it is gone with its self-assessment
 */
export async function readWalkthroughState(db: Db, id: string, now: Date): Promise<WalkthroughState> {
	const [row] = await db
		.select({ walkthrough: walkthroughs, assessment: assessments, pointedBy: users.name })
		.from(walkthroughs)
		.innerJoin(assessments, eq(assessments.id, walkthroughs.assessmentId))
		.leftJoin(users, eq(users.id, walkthroughs.pointedBy))
		.where(eq(walkthroughs.id, id));
	if (!row) throw new DomainError('ended', 'walkthroughEnded');
	const { walkthrough, assessment } = row;
	const [here, entries, plan] = await Promise.all([
		whoIsHere(db, id, now),
		entriesOf(db, id),
		planOf(db, assessment)
	]);
	return {
		code: walkthrough.code,
		answers: assessment.answers,
		revision: assessment.answersRevision,
		station: walkthrough.station,
		question: walkthrough.question,
		pointedBy: row.pointedBy,
		...here,
		entries,
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
	const entries = await entriesOf(db, row.id);
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
