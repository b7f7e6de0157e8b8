import { and, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { isMoreUrgent } from '../../core/cases/triage/policy';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, idempotencyKeyFor, type DeskActInput } from '../platform/acts/desk-act';
import type { ChangedRows } from '../platform/acts/changed-rows';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { newestAssessmentResult } from './case-assessments/newest-assessment-result';

const { assessments, cases, checkIns, messages, reportedDiscomfort, roundPeople } = schema;

/** Most cases marked as done at once. */
export const MAX_CASES_AT_ONCE = 500;

/** Why a case can't be marked as done with one key press. */
type Hindrance = 'needs-outcome' | 'unread-message' | 'hazard-open';

/** What keeps a case from being marked as done: a warning sign that only an outcome closes, or an unread message. */
async function hindranceOf(tx: Db, personId: string): Promise<Hindrance | null> {
	const [row] = await tx.select({ level: cases.level }).from(cases).where(eq(cases.personId, personId));
	if (row && isMoreUrgent(row.level, 'soon')) return 'needs-outcome';
	const open = await tx.$count(
		messages,
		and(eq(messages.personId, personId), messages.fromPerson, isNull(messages.answeredAt))
	);
	if (open > 0) return 'unread-message';
	const assessmentResult = await newestAssessmentResult(tx, personId);
	return assessmentResult?.reasons.some(({ code }) => code === 'hazard') ? 'hazard-open' : null;
}

/** Records that what a person sent was reviewed (answers, reports, check-ins), and that they were called where they had not answered. */
export async function acknowledgeCase(rows: ChangedRows, tx: Db, personId: string, now: Date): Promise<void> {
	await rows.update(
		assessments,
		{ seenAt: now },
		and(eq(assessments.personId, personId), isNotNull(assessments.answeredAt), isNull(assessments.seenAt))
	);
	const mine = tx.select({ id: assessments.id }).from(assessments).where(eq(assessments.personId, personId));
	await rows.update(
		reportedDiscomfort,
		{ seenAt: now },
		and(sql`${reportedDiscomfort.assessmentId} in (${mine})`, isNull(reportedDiscomfort.seenAt))
	);
	await rows.update(
		checkIns,
		{ seenAt: now },
		and(eq(checkIns.personId, personId), isNotNull(checkIns.answeredAt), isNull(checkIns.seenAt))
	);
	await rows.update(
		checkIns,
		{ toCall: false, endedAt: now },
		and(
			eq(checkIns.personId, personId),
			checkIns.toCall,
			isNull(checkIns.answeredAt),
			isNull(checkIns.endedAt)
		)
	);
	await rows.update(
		roundPeople,
		{ toCall: false },
		and(eq(roundPeople.personId, personId), roundPeople.toCall)
	);
}

/** One person's part: reviewed and, where nothing is left open, marked as done. */
async function settleOne(
	db: Db,
	actor: Actor,
	input: DeskActInput & { batch?: string; reason: string },
	now: Date
): Promise<Hindrance | null> {
	const { personId, reason } = input;
	return inTransaction(db, async (tx) => {
		const hindrance = await runDeskAct(tx, actor, { ...input, kind: 'settled' }, now, async (tools) => {
			const found = await hindranceOf(tools.tx, personId);
			if (found) return found;
			await acknowledgeCase(tools.rows, tools.tx, personId, now);
			await tools.rows.update(cases, { settledAt: now, settledReason: reason }, eq(cases.personId, personId));
			await writeAuditLine(tools.tx, actor, { at: now, act: 'case-seen', personId });
			return null;
		});
		return hindrance;
	});
}

/**
 * Marks one case as done: what was sent is dealt with. Undecided requests stay open, and so does a plan not carried out.
 * @throws DomainError for a warning sign without an outcome, or an unread message
 */
export async function settleCase(
	db: Db,
	actor: Actor,
	input: DeskActInput & { readonly reason: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'cases:act');
	await inTransaction(db, async (tx) => {
		const hindrance = await settleOne(tx, actor, input, now);
		if (hindrance) throw new DomainError('conflict', hindrance);
	});
}

/** The result of marking many cases as done. */
export interface SettledCases {
	readonly settled: readonly string[];
	/** People left out, whose cases need individual attention. */
	readonly leftOut: readonly string[];
}

/**
 * Marks many cases as done with one key press; people with an open warning sign or an unread message are left out and named. Cost: some
 * thirty small statements per person.
 */
export async function settleCases(
	db: Db,
	actor: Actor,
	input: { readonly personIds: readonly string[]; readonly key: string },
	now: Date
): Promise<SettledCases> {
	requirePermission(actor, 'cases:act');
	if (input.personIds.length > MAX_CASES_AT_ONCE)
		throw new DomainError(
			'invalid',
			{ code: 'tooManyToSettle', facts: { most: MAX_CASES_AT_ONCE } },
			'/person'
		);
	return inTransaction(db, async (tx) => {
		const settled: string[] = [];
		const leftOut: string[] = [];
		// In a fixed order, so that two batches at once never wait for each other in a circle.
		for (const personId of [...new Set(input.personIds)].sort()) {
			if (await hindranceOf(tx, personId)) {
				leftOut.push(personId);
				continue;
			}
			const act = {
				personId,
				key: idempotencyKeyFor(input.key, personId),
				batch: input.key,
				version: null,
				reason: ''
			};
			const hindrance = await settleOne(tx, actor, act, now);
			(hindrance ? leftOut : settled).push(personId);
		}
		return { settled, leftOut };
	});
}

/** Puts a case marked as done back on the day sheet. */
export async function reopenCase(db: Db, actor: Actor, input: DeskActInput, now: Date): Promise<void> {
	requirePermission(actor, 'cases:act');
	const { personId } = input;
	await runDeskAct(db, actor, { ...input, kind: 'reopened' }, now, async ({ tx, rows }) => {
		const reopened = await rows.update(
			assessments,
			{ seenAt: null },
			and(
				eq(assessments.personId, personId),
				isNotNull(assessments.seenAt),
				isNull(assessments.placeOf),
				sql`${assessments.answeredAt} = (select max(answered_at) from assessments where person_id = ${personId}::uuid and place_of is null)`
			)
		);
		if (reopened === 0) throw new DomainError('conflict', 'nothingToReopen');
		const mine = tx
			.select({ id: assessments.id })
			.from(assessments)
			.where(eq(assessments.personId, personId));
		await rows.update(
			reportedDiscomfort,
			{ seenAt: null },
			sql`${reportedDiscomfort.id} = (select id from reported_discomfort where assessment_id in (${mine}) order by at desc limit 1)`
		);
		await rows.update(cases, { settledAt: null, settledReason: '' }, eq(cases.personId, personId));
		await writeAuditLine(tx, actor, { at: now, act: 'case-reopened', personId });
	});
}
