import { and, eq } from 'drizzle-orm';
import type { FindingId } from '../../core/checklist';
import { newestAnswers, type FindingTick } from '../../core/case-assessment';
import { requireAnswered, type OpenAssessment } from '../assessments/open-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { checkInAnswersOf } from '../check-ins/answer-check-in';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { reassessCase } from '../case-assessments/reassess-cases';
import { loadCaseRecord } from '../case-assessments/load-case-record';
import { requirePerson } from '../people/lock-person';

const { findingTicks } = schema;

/**
 * Records what a person says of a finding: fixed, or impossible where they work; `open` undoes either. A refused hazard remains one for the
 * coordinator. A finding that the newest answers don't show is ignored: the page is out of date, and shows the present state when reloaded.
 */
export async function tickFinding(
	db: Db,
	open: OpenAssessment,
	{ finding, how }: { readonly finding: FindingId; readonly how: FindingTick | 'open' },
	now: Date
): Promise<void> {
	requireAnswered(open);
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		const assessmentId = await checkInAnswersOf(tx, personId);
		const { file } = await loadCaseRecord(tx, person, now);
		const isShown = newestAnswers(file)?.findings?.some(({ id }) => id === finding) ?? false;
		if (!assessmentId || !isShown) return;
		if (how === 'open')
			await tx
				.delete(findingTicks)
				.where(and(eq(findingTicks.assessmentId, assessmentId), eq(findingTicks.finding, finding)));
		else
			await tx
				.insert(findingTicks)
				.values({ assessmentId, finding, how, at: now })
				.onConflictDoUpdate({
					target: [findingTicks.assessmentId, findingTicks.finding],
					set: { how, at: now }
				});
		await reassessCase(tx, personId, now);
		await writeAuditLine(tx, open.actor, {
			at: now,
			act: 'finding-ticked',
			personId,
			detail: { finding, how }
		});
	});
}
