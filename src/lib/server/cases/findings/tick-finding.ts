import { and, eq } from 'drizzle-orm';
import type { FindingId } from '../../../core/questionnaire/checklist/findings';
import { newestAnswers } from '../../../core/cases/case-assessment/case-record';
import { openFindings } from '../../../core/cases/case-assessment/open-findings';
import type { FindingTick } from '../../../core/cases/case-assessment/vocabulary';
import type { DeskActContext } from '../../platform/acts/desk-act';
import { DomainError } from '../../platform/domain-error';
import { requireAnswered, type OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { checkInAnswersOf } from '../check-ins/answer-check-in';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { reassessCase } from '../case-assessments/reassess-cases';
import { loadCaseRecord } from '../case-assessments/load-case-record';
import { requirePerson } from '../../people/lock-person';

const { findingTicks } = schema;

/**
 * Records, within a desk act, that a person said a hazard is put right: it counts as fixed from then on, the next check-in asks about it,
 * and they can untick it on their plan.
 * @throws DomainError where it is open no longer
 */
export async function tickAsTold(
	{ rows, tx, person }: Pick<DeskActContext, 'rows' | 'tx' | 'person'>,
	fixed: readonly FindingId[],
	now: Date
): Promise<void> {
	if (fixed.length === 0) return;
	const assessmentId = await checkInAnswersOf(tx, person.id);
	const { file } = await loadCaseRecord(tx, person, now);
	const open = openFindings(file).filter(({ isHazard }) => isHazard);
	for (const finding of fixed) {
		if (!assessmentId || !open.some(({ id }) => id === finding))
			throw new DomainError('conflict', 'closedAlready');
		const mine = and(eq(findingTicks.assessmentId, assessmentId), eq(findingTicks.finding, finding));
		const ticked = await rows.update(findingTicks, { how: 'done', at: now }, mine);
		if (ticked === 0) await rows.insert(findingTicks, { assessmentId, finding, how: 'done', at: now });
	}
}

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
