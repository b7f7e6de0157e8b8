import { answeredCheckIns } from '../../cases/check-ins/answer-check-in';
import type { Db } from '../../platform/db/client';
import { ownBreaks } from '../../breaks/choose-break-schedule';
import { newestAssessmentResult } from '../../cases/case-assessments/newest-assessment-result';
import { currentPlanOf, stepEventsOf, plansOf } from '../../plan/plans/current-plan';
import { equipmentRequestsOf } from './request-equipment';
import { newestReMeasurement, type OpenAssessment } from './open-assessment';

/** Everything stored about a self-assessment, as its person exports it: as given, with nothing computed again. */
export async function exportOwnData(db: Db, { assessment, personName, actor }: OpenAssessment) {
	const again = await newestReMeasurement(db, assessment.id);
	const plan = await currentPlanOf(db, assessment.id);
	const events = plan ? await stepEventsOf(db, plan.id) : [];
	const given = await plansOf(db, assessment.id);
	const checkIns = await answeredCheckIns(db, actor.personId);
	const breaks = await ownBreaks(db, actor.personId);
	return {
		format: 'easy-corner.take-along/2',
		name: personName,
		sentAt: assessment.sentAt,
		savedAt: assessment.savedAt,
		answeredAt: assessment.answeredAt,
		answers: assessment.answers,
		signs: assessment.signs,
		discomfort: assessment.discomfort,
		corner: assessment.workstation,
		advice: plan?.advice ?? null,
		plans: given.map(({ madeAt, endedAt, why, steps, kept }) => ({ madeAt, endedAt, why, steps, kept })),
		steps: events.map(({ thing, isDone, at }) => ({ thing, isDone, at })),
		measuredAgain: again && { at: again.at, lengths: again.lengths },
		checkIns: checkIns.map(({ answeredAt, signs, discomfort, undone, news }) => ({
			answeredAt,
			signs,
			discomfort,
			undone,
			news
		})),
		judgement: await newestAssessmentResult(db, actor.personId),
		askedFor: await equipmentRequestsOf(db, assessment.placeOf ?? assessment.id),
		breaks: {
			setRhythm: assessment.breakSchedule,
			ownRhythm: breaks.chosenBreakSchedule,
			isShared: breaks.isShared,
			weeks: breaks.weeks
		}
	};
}
