import { eq } from 'drizzle-orm';
import { cornerFromAnswers } from '../../../core/questionnaire/answers/corner-from-answers';
import { discomfortFromAnswers } from '../../../core/questionnaire/answers/discomfort-answers';
import { redFlagIssues } from '../../../core/questionnaire/answers/red-flag-answers';
import { redFlagsOf } from '../../../core/questionnaire/answers/checklist-fields';
import { stepTicksOf } from '../../../core/questionnaire/answers/answer-fields';
import type { FieldIssue } from '../../../core/questionnaire/answers/read-length-field';
import { orderEqualPlans } from '../../../core/plan/advice/order-equal-plans';
import type { Corner } from '../../../core/workstation/corner/corner';
import { sameDocument } from '../../../core/platform/same-document';
import { validateCorner } from '../../../core/workstation/corner/validate-corner';
import type { RegionReport } from '../../../core/cases/discomfort/report';
import type { RedFlag } from '../../../core/cases/discomfort/red-flags';
import type { PlanItem } from '../../../core/cases/case-assessment/vocabulary';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { endRecheck } from '../../cases/check-ins/answer-check-in';
import { schema, type Db } from '../../platform/db/client';
import type { PlanWhy } from '../../platform/db/schema/plans';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { requirePerson } from '../../people/lock-person';
import { currentPlanOf } from '../../plan/plans/current-plan';
import { earlierPlanOf, carryOverTicks } from '../../plan/plans/earlier-plan';
import { makePlan } from '../../plan/plans/make-plan';
import { inSequence } from '../../plan/plans/in-sequence';
import { solveSpots, type SolvedSpot } from '../../plan/plans/solve-spots';
import type { Planner } from '../../plan/planning/planning';
import { recordDiscomfort } from '../../workforce/reports/record-discomfort';
import { recordRedFlags } from '../../workforce/reports/record-red-flags';
import { recordRoundAnswer } from '../../people/rounds/round-answers';
import { keptCounts } from '../../workforce/kept-counts';
import { countLinkUse } from './link-limits';
import { endedLinkError, type OpenAssessment } from './open-assessment';
import { spotRows, type SpotRow } from './spots';

const { assessments, stepEvents } = schema;

/** Either the answers are complete and submitted, or these are still open. */
export type Submitted =
	| { readonly ok: true }
	| { readonly ok: false; readonly issues: readonly FieldIssue[] };

/** Attempts until what was read while solving is still current when the result is written. */
const MOST_TRIES = 3;

/** What complete answers say. */
interface ReadAnswers {
	readonly corner: Corner;
	readonly discomfort: readonly RegionReport[];
	readonly signs: readonly RedFlag[];
}

/**
 * Reads complete answers.
 * @returns what they say, or what is still open
 */
function readAnswers(row: SpotRow): ReadAnswers | readonly FieldIssue[] {
	const made = cornerFromAnswers(row.answers, row.sittingStyle);
	const told = discomfortFromAnswers(row.answers);
	const issues = [...redFlagIssues(row.answers), ...made.issues, ...told.issues];
	if (!made.corner || issues.length > 0) return issues;
	const checked = validateCorner(made.corner);
	if (!checked.ok)
		throw new DomainError(
			'invalid',
			{ code: 'checked', facts: { text: checked.issue.text } },
			checked.issue.at
		);
	return { corner: checked.value, discomfort: told.reports, signs: redFlagsOf(row.answers) };
}

/** What must be unchanged for a solved plan to be written: the answers of every workstation as they were read. */
const revisionOf = (rows: readonly SpotRow[]) =>
	rows
		.map(({ id, answersRevision, answeredAt }) => `${id} ${answersRevision} ${answeredAt?.getTime() ?? 0}`)
		.join();

function hereOf(rows: readonly SpotRow[], { assessment }: OpenAssessment): SpotRow {
	const row = rows.find(({ id }) => id === assessment.id);
	if (!row) throw endedLinkError('withdrawn');
	if (row.revokedAt) throw endedLinkError(row.endedWhy);
	if (row.consentedAt === null) throw new DomainError('not-allowed', 'consentFirst');
	return row;
}

/**
 * Submits the answers: makes the workstation document, solves the plan outside any transaction, and writes both if the answers are still
 * those that were solved; otherwise tries again, three times at most. Submitting twice is harmless: unchanged answers change nothing;
 * changed ones replace the workstation, keep the first submission time, and make a new plan that keeps what remains true of the old one.
 * @param how why the plan is made again, if it is not the first, and whether the person has seen one that their device made
 */
export function submitAnswers(
	db: Db,
	open: OpenAssessment,
	now: Date,
	planning: Planner,
	{ why = 'corrected', hasSeenPlan = false }: { readonly why?: PlanWhy; readonly hasSeenPlan?: boolean } = {}
): Promise<Submitted> {
	const main = open.assessment.placeOf ?? open.assessment.id;
	return inSequence(main, async () => {
		for (let tries = 1; tries <= MOST_TRIES; tries += 1) {
			const rows = await spotRows(db, open.assessment);
			const row = hereOf(rows, open);
			const read = readAnswers(row);
			if (!('corner' in read)) return { ok: false, issues: read };
			if (await isTakenIn(db, row, read)) return { ok: true };
			await countLinkUse(db, main, 'solve', now);
			const spots = rows.flatMap((spot) => {
				const corner = spot.id === row.id ? read.corner : spot.workstation;
				return corner ? [{ id: spot.id, corner }] : [];
			});
			const solved = await solveSpots(
				spots.map(({ corner }) => corner),
				planning
			);
			const plans = spots.flatMap(({ id }, i) => (solved[i] ? [{ id, ...solved[i] }] : []));
			if (await write(db, open, { revision: revisionOf(rows), read, plans, why, hasSeenPlan }, now))
				return { ok: true };
		}
		throw new DomainError('conflict', 'changedMeanwhile');
	});
}

/** Whether exactly these answers have been submitted, with a plan of their own. */
async function isTakenIn(db: Db, row: SpotRow, read: ReadAnswers): Promise<boolean> {
	return (
		row.workstation !== null &&
		sameDocument(row.workstation, read.corner) &&
		sameDocument(row.discomfort, read.discomfort) &&
		sameDocument(row.signs, read.signs) &&
		(await currentPlanOf(db, row.id)) !== null
	);
}

interface Solved {
	readonly revision: string;
	readonly read: ReadAnswers;
	readonly plans: readonly (SolvedSpot & { readonly id: string })[];
	readonly why: PlanWhy;
	readonly hasSeenPlan: boolean;
}

/**
 * Writes what was solved.
 * @returns false where the answers have changed in the meantime, and nothing was written
 */
function write(db: Db, open: OpenAssessment, solved: Solved, now: Date): Promise<boolean> {
	const { actor } = open;
	return inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const rows = await spotRows(tx, open.assessment);
		const row = hereOf(rows, open);
		if (revisionOf(rows) !== solved.revision) return false;
		const { corner, discomfort, signs } = solved.read;
		const before = solved.plans.find(({ id }) => id === row.id)?.advice.before ?? [];
		await tx
			.update(assessments)
			.set({
				workstation: corner,
				checksOff: before.filter(({ verdict }) => verdict === 'off').length,
				signs: [...signs],
				signsAt: sameDocument(row.signs, signs) ? row.signsAt : now,
				discomfort: [...discomfort],
				answeredAt: row.answeredAt ?? now,
				seenAt: null
			})
			.where(eq(assessments.id, row.id));
		const main = row.placeOf ?? row.id;
		if (row.placeOf)
			await tx.update(assessments).set({ seenAt: null }).where(eq(assessments.id, row.placeOf));
		await recordRedFlags(tx, actor.personId, signs, now);
		await recordDiscomfort(tx, main, discomfort, now);
		const isFirst = row.answeredAt === null;
		const earlier = isFirst && row.placeOf === null ? await earlierPlanOf(tx, row) : null;
		const counts = await keptCounts(tx);
		for (const { id, ...plan } of solved.plans) {
			const had = await currentPlanOf(tx, id);
			// Offline, a device knows nothing of colleagues: what someone has seen there, and perhaps begun to build, stays the first one.
			const isSeen = id === row.id && (solved.hasSeenPlan || (!had && hasEarlyTicks(row)));
			const advice = isSeen
				? plan.advice
				: orderEqualPlans(plan.workstation, plan.advice, counts, had?.plan ?? null);
			// The other workstations: the items left to them have changed, and with those perhaps their plans.
			const reason = had ? (id === row.id ? solved.why : 'household') : 'answers';
			const made = { assessmentId: id, ...plan, advice, chosen: 0, why: reason };
			await makePlan(tx, made, now, id === row.id ? earlier : null);
		}
		if (earlier) await carryOverTicks(tx, row, earlier, now);
		if (isFirst) await keepEarlyTicks(tx, row, now);
		await recordRoundAnswer(tx, row.id);
		await endRecheck(tx, actor.personId, now);
		await reassessCase(tx, actor.personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'answered', personId: actor.personId });
		return true;
	});
}

/** Whether steps were ticked offline, before the answers were submitted. */
const hasEarlyTicks = (row: SpotRow): boolean => Object.values(stepTicksOf(row.answers)).includes(true);

/** Steps ticked offline before the answers were submitted. */
async function keepEarlyTicks(tx: Db, row: SpotRow, at: Date): Promise<void> {
	const plan = await currentPlanOf(tx, row.id);
	const ticks = stepTicksOf(row.answers);
	const done = plan?.steps.filter(({ place }) => ticks[place]) ?? [];
	if (!plan || done.length === 0) return;
	await tx.insert(stepEvents).values(
		done.map(({ place }) => ({
			planId: plan.id,
			thing: place as PlanItem,
			isDone: true,
			source: 'tick' as const,
			at
		}))
	);
}
