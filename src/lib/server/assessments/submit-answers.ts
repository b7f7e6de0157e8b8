import { eq } from 'drizzle-orm';
import { cornerFromAnswers, type FieldIssue } from '../../core/answers';
import type { Corner } from '../../core/corner';
import { validateCorner } from '../../core/corner/validate-corner';
import { misfitOf } from '../../core/plan';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import type { Planning } from '../planning/planning';
import type { OpenAssessment } from './open-assessment';

const { assessments, stepTicks } = schema;

/** Either the answers made a corner and are in, or these are still open. */
export type Submitted =
	{ readonly ok: true } | { readonly ok: false; readonly issues: readonly FieldIssue[] };

/** The figures that lists need, from the core. */
async function figuresOf(corner: Corner, planning: Planning) {
	const { before, plans } = await planning.advise(corner);
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
		if (!made.corner) return { ok: false, issues: made.issues };
		const checked = validateCorner(made.corner);
		if (!checked.ok) throw new Fault('invalid', checked.issue.text, checked.issue.at);
		if (row.corner && sameDocument(row.corner, made.corner)) return { ok: true };
		await tx
			.update(assessments)
			.set({
				corner: checked.value,
				...(await figuresOf(checked.value, planning)),
				answeredAt: row.answeredAt ?? now,
				consentedAt: row.consentedAt ?? now,
				seenAt: null
			})
			.where(eq(assessments.id, row.id));
		await tx.delete(stepTicks).where(eq(stepTicks.assessmentId, row.id));
		await writeAuditLine(tx, actor, { at: now, act: 'answered', personId: actor.personId });
		return { ok: true };
	});
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
