import { planOffers } from '../../../core/plan/advice/plan-offers';
import { readAdvice } from '../../../core/plan/advice/read-advice';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { requireAnswered, type OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import type { Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { requirePerson } from '../../people/lock-person';
import { currentPlanOf } from './current-plan';
import { makePlan } from './make-plan';

/** The plan chosen: one of those offered, or the one that takes items from the other workstations. */
export type WantedPlan = { readonly chosen: number } | { readonly moving: true };

/** Switches to another of the offered plans, all solved at submission. Steps that it also has stay done. */
export async function choosePlan(db: Db, open: OpenAssessment, wanted: WantedPlan, now: Date): Promise<void> {
	requireAnswered(open);
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, open.actor.personId);
		const plan = await currentPlanOf(tx, open.assessment.id);
		const moved = plan?.moving;
		const from = 'moving' in wanted ? moved && { ...moved, advice: readAdvice(moved.advice) } : plan;
		const chosen = 'moving' in wanted ? 0 : wanted.chosen;
		if (!plan || !from || !planOffers(from.workstation, from.advice)[chosen])
			throw new DomainError('conflict', 'planGone');
		const { workstation, advice } = from;
		const why = 'moving' in wanted ? 'household' : 'another';
		const moving = 'moving' in wanted ? null : plan.moving;
		await makePlan(tx, { assessmentId: plan.assessmentId, workstation, advice, moving, chosen, why }, now);
		await reassessCase(tx, open.actor.personId, now);
		const { personId } = open.actor;
		await writeAuditLine(tx, open.actor, {
			at: now,
			act: 'plan-chosen',
			personId,
			detail: { plan: chosen + 1 }
		});
	});
}
