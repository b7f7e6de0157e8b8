import { chosenOption, thingField, unitOf, type Answers } from '../../../core/questionnaire/answers/fields';
import { answersChangedSince } from '../../../core/questionnaire/answers/changed-since';
import { assumedLengths } from '../../../core/questionnaire/answers/default-lengths';
import { expectedPadShares, piecesLeftOut } from '../../../core/questionnaire/answers/household-things';
import { sizesToCheck } from '../../../core/questionnaire/answers/sizes-to-check';
import { planOffers, stepsOfOffer } from '../../../core/plan/advice/plan-offers';
import { planPageActions } from '../../../core/plan/advice/plan-page-actions';
import { skippedQuestionsOf } from '../../../core/questionnaire/skipped-questions';
import { adviceForPage } from '../../../messages/advice/advice-for-page';
import { offeredItems } from '../../platform/organisation-settings/own-items';
import { readSettings } from '../../platform/organisation-settings/read-settings';
import { equipmentRequestsOf } from '../../questionnaire/assessments/request-equipment';
import { type OpenAssessment, newestReMeasurement } from '../../questionnaire/assessments/open-assessment';
import { spotsOf } from '../../questionnaire/assessments/spots';
import { openCheckInOf } from '../../cases/check-ins/answer-check-in';
import type { Db } from '../../platform/db/client';
import { openFollowUp } from '../../cases/follow-ups/set-follow-up';
import { loadCaseRecord } from '../../cases/case-assessments/load-case-record';
import { newestAssessmentResult } from '../../cases/case-assessments/newest-assessment-result';
import { readPersonPlace } from '../../people/lock-person';
import { currentPlanOf, stepEventsOf, plansOf, stepTicksOfPlan } from './current-plan';
import { findingTicksOf } from '../../cases/findings/finding-states';
import { shownTrial } from './day-trials';
import { stylesAt } from './sitting-styles';
import { planProgressOf } from './plan-progress';

/** Items that don't work here, with their labels. */
function leftOutOf(answers: Answers): { id: string; label: string }[] {
	return piecesLeftOut(answers).map((id) => {
		const index = Number(/^t(\d+)/.exec(id)?.[1] ?? NaN);
		return { id, label: answers[thingField(index, 'label')] || id };
	});
}

/** What comes after the plan, and when: for the person to know. */
async function whatComesNext(db: Db, personId: string) {
	const assessmentResult = await newestAssessmentResult(db, personId);
	const [asked, checkIn, recheck] = await Promise.all([
		openCheckInOf(db, personId),
		openFollowUp(db, personId, 'check-in'),
		openFollowUp(db, personId, 'recheck')
	]);
	return {
		actions: assessmentResult?.actions ?? [],
		carriedOut: assessmentResult?.carriedOut ?? null,
		isAsked: asked !== null,
		checkInOn: checkIn?.due ?? null,
		recheckOn: recheck?.due ?? null,
		// More serious signs have their own text on every page.
		hasOpenSign: assessmentResult?.reasons.some(({ code }) => code === 'professional-sign') ?? false
	};
}

/**
 * Everything that a person's plan page shows about one workstation, as stored; no plan is solved. Null where there is no plan yet. Cost:
 * some twenty index reads.
 * @param wanted which offer to look at; the one in use where there is none of that number
 */
export async function readPlanPage(
	db: Db,
	open: OpenAssessment,
	token: string,
	now: Date,
	wanted: number = Number.NaN
) {
	const { assessment, actor, checklist } = open;
	const kept = await currentPlanOf(db, assessment.id);
	const person = await readPersonPlace(db, actor.personId);
	if (!kept || !assessment.workstation || !person) return null;
	const read = await loadCaseRecord(db, person, now);
	const isMain = read.plan?.id === kept.id;
	const { workstation, advice } = kept;
	const offers = planOffers(workstation, advice);
	const shown = offers[wanted] ? wanted : kept.chosen;
	const looked = {
		plan: shown === kept.chosen ? kept.plan : (offers[shown]?.plan ?? null),
		steps: shown === kept.chosen ? kept.steps : stepsOfOffer(workstation, advice, shown)
	};
	const items = await readSettings(db, 'household-items');
	const requests = await equipmentRequestsOf(db, assessment.placeOf ?? assessment.id);
	const again = await newestReMeasurement(db, assessment.id);
	const events = await stepEventsOf(db, kept.id);
	const earlier = await plansOf(db, assessment.id);
	const { actions, ...next } = await whatComesNext(db, actor.personId);
	const told = adviceForPage(workstation, advice, { ...assessment, checklist }, looked, open.language);
	return {
		/** Which plan this is: whatever was said of another one isn't said of this. */
		planId: kept.id,
		corner: workstation,
		...told,
		/** The first open actions; for workstations other than the main one, from the answers alone. */
		acts: isMain ? planPageActions(actions, advice.first) : told.acts,
		/** The offered plans, the recommended one first. */
		offers,
		worked: kept.chosen,
		shown,
		steps: kept.steps,
		kept: kept.kept,
		/** Whether it was made by earlier rules, so that another may be better. */
		isOfOldRules: kept.isOfOldRules,
		isNewPlan: kept.why !== 'answers' && earlier.length > 1,
		earlier: earlier
			.filter(({ endedAt }) => endedAt !== null)
			.map(({ madeAt, steps }) => ({ madeAt, steps })),
		standing: isMain ? planProgressOf(read, kept) : null,
		ticks: stepTicksOfPlan(events),
		/** The state of each finding; null for another workstation's. */
		findingTicks: isMain ? findingTicksOf(read) : null,
		requests,
		offered: await offeredItems(db, open.language, person.country),
		spots: await spotsOf(db, open, token),
		moving: kept.moving?.pieces ?? null,
		isMoving: kept.why === 'household' && kept.moving === null,
		leftOut: leftOutOf(assessment.answers),
		sizes: shown === kept.chosen ? sizesToCheck(assessment.answers, looked.plan, items.settings.kinds) : [],
		/** What was not asked, by station. */
		closer: skippedQuestionsOf(assessment.answers, { way: assessment.sittingStyle, checklist }),
		isBehind: answersChangedSince(
			{ ...assessment, corner: assessment.workstation },
			assessment.answers,
			assessment.sittingStyle
		),
		/** What is on trial for a day, and whether there are other sitting styles to try. */
		trial: shownTrial(assessment, kept, person, now),
		offersStyles: (await stylesAt(db, workstation)).length > 1,
		/** Lengths that were not measured, with defaults in their place. */
		stoodInFor: assumedLengths(assessment.answers),
		/** Pads of the plan in use whose rise comes from what colleagues have measured. */
		padsExpected: expectedPadShares(assessment.answers).filter(({ kind }) =>
			kept.steps.some(({ place, pieces }) => place === 'seat' && pieces.some((piece) => piece.kind === kind))
		),
		next,
		again: again && again.at >= kept.madeAt ? again.lengths : null,
		unit: unitOf(assessment.answers),
		drawnAs: chosenOption(assessment.answers, 'drawnAs')
	};
}
