import { eq } from 'drizzle-orm';
import {
	cornerFromAnswers,
	discomfortFromAnswers,
	signsOf,
	ticksOfAnswers,
	type FieldIssue
} from '../../core/answers';
import type { Advice } from '../../core/advice';
import type { Corner } from '../../core/corner';
import { validateCorner } from '../../core/corner/validate-corner';
import { misfitOf } from '../../core/plan';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { adviceAt } from '../planning/advice-at-spot';
import type { Planning } from '../planning/planning';
import { requestsOf } from './ask-equipment';
import { judge } from './judge';
import type { OpenAssessment } from './open-assessment';
import { firstSpot } from './spots';

const { assessments, stepTicks } = schema;

/** Either the answers made a corner and are in, or these are still open. */
export type Submitted =
	{ readonly ok: true } | { readonly ok: false; readonly issues: readonly FieldIssue[] };

/** The figures that lists need, from the core. */
function figuresOf(corner: Corner, { before, plans }: Advice) {
	const costNow = misfitOf(corner);
	return {
		checksOff: before.filter((c) => c.verdict === 'off').length,
		checksUnsure: before.filter((c) => c.verdict === 'unsure').length,
		costNow,
		costPlanned: plans[0]?.cost.W ?? costNow
	};
}

/**
 * Takes the answers in: makes the corner document, judges it, and puts the case before the coordinator. Submitting
 * twice is harmless: unchanged answers change nothing; changed ones replace the corner, keep the first time
 * of answering, and untick what was ticked for another plan.
 */
export async function submitAnswers(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	now: Date,
	planning: Planning
): Promise<Submitted> {
	return db.transaction(async (tx) => {
		const [row] = await tx.select().from(assessments).where(eq(assessments.id, assessment.id)).for('update');
		if (!row) throw new Fault('not-found', 'This self-assessment is not there any more.');
		const made = cornerFromAnswers(row.answers, row.way);
		const told = discomfortFromAnswers(row.answers);
		if (!made.corner || told.issues.length > 0)
			return { ok: false, issues: [...made.issues, ...told.issues] };
		const checked = validateCorner(made.corner);
		if (!checked.ok) throw new Fault('invalid', checked.issue.text, checked.issue.at);
		const corner = checked.value;
		const signs = signsOf(row.answers);
		const isSameCorner = row.corner !== null && sameDocument(row.corner, corner);
		const isSameSelf = sameDocument(row.discomfort, told.reports) && sameDocument(row.signs, signs);
		if (isSameCorner && isSameSelf) return { ok: true };
		const first = await firstSpot(tx, row);
		const advice = await adviceAt(corner, first?.corner ?? null, planning);
		const requests = (await requestsOf(tx, row.id)).length > 0 ? (['equipment'] as const) : [];
		await tx
			.update(assessments)
			.set({
				corner,
				...figuresOf(corner, advice),
				// A further spot has no line of its own on the day sheet: it is the person who stands there.
				...(row.spotOf
					? { levelRank: null, reasons: [] }
					: judge({ signs, discomfort: told.reports, advice, requests })),
				signs,
				signsAt: sameDocument(row.signs, signs) ? row.signsAt : now,
				discomfort: [...told.reports],
				answeredAt: row.answeredAt ?? now,
				consentedAt: row.consentedAt ?? now,
				seenAt: null
			})
			.where(eq(assessments.id, row.id));
		if (row.spotOf) await tx.update(assessments).set({ seenAt: null }).where(eq(assessments.id, row.spotOf));
		if (row.answeredAt === null) await keepEarlyTicks(tx, row, now);
		else if (!isSameCorner) await tx.delete(stepTicks).where(eq(stepTicks.assessmentId, row.id));
		await writeAuditLine(tx, actor, { at: now, act: 'answered', personId: actor.personId });
		return { ok: true };
	});
}

/** Steps that were ticked without network, before the answers came in. */
async function keepEarlyTicks(db: Db, row: typeof assessments.$inferSelect, at: Date): Promise<void> {
	const ticks = Object.entries(ticksOfAnswers(row.answers));
	if (ticks.length === 0) return;
	await db
		.insert(stepTicks)
		.values(ticks.map(([place, done]) => ({ assessmentId: row.id, place, done, at })));
}

/** Whether two documents say the same, whatever the order of their keys. */
function sameDocument(a: unknown, b: unknown): boolean {
	return canonical(a) === canonical(b);
}

function canonical(value: unknown): string {
	return JSON.stringify(value, (_key, inner: unknown) =>
		inner && typeof inner === 'object' && !Array.isArray(inner)
			? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
			: inner
	);
}
