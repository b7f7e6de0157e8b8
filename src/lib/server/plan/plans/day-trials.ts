import { planOffers } from '../../../core/plan/advice/plan-offers';
import {
	comfortFields,
	dayTrialOf,
	noTrialFields,
	trialFields,
	trialStage,
	type DayTrial,
	type TrialStage
} from '../../../core/questionnaire/answers/day-trial';
import { addWorkingDays } from '../../../core/platform/calendar/working-days';
import { minuteOfDay } from '../../../core/platform/calendar/time-zone';
import { requireAnswered, type OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { saveAnswers } from '../../questionnaire/assessments/save-answers';
import type { Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { readPersonPlace, type LockedPerson } from '../../people/lock-person';
import type { Planner } from '../planning/planning';
import { choosePlan } from './choose-plan';
import { currentPlanOf, type StoredPlan } from './current-plan';
import { adoptStyle } from './sitting-styles';
import { isAskedByEmail } from './trial-question-at';

/** A trial as the plan page shows it. */
export interface ShownTrial {
	readonly trial: DayTrial;
	readonly stage: TrialStage;
	/** Whether its question will be asked by email, too. */
	readonly isAskedByEmail: boolean;
}

/**
 * What someone is trying at a workstation, and where it stands; null for nothing, once it is what they have, or for a plan that another has
 * replaced since.
 */
export function shownTrial(
	{
		answers,
		sittingStyle,
		trialAskAt
	}: Pick<OpenAssessment['assessment'], 'answers' | 'sittingStyle' | 'trialAskAt'>,
	plan: StoredPlan,
	person: LockedPerson,
	now: Date
): ShownTrial | null {
	const trial = dayTrialOf(answers);
	if (!trial) return null;
	const { tried } = trial;
	const isGone =
		tried.kind === 'style'
			? tried.way === sittingStyle
			: tried.planId !== plan.id ||
				tried.plan === plan.chosen ||
				!planOffers(plan.workstation, plan.advice)[tried.plan];
	if (isGone) return null;
	const today = person.place.dayOf(now);
	const minute = minuteOfDay(person.place.zone, today, now);
	return {
		trial,
		stage: trialStage(trial, { today, minute }),
		isAskedByEmail: trialAskAt !== null && isAskedByEmail(person)
	};
}

async function requireTrial(db: Db, open: OpenAssessment, now: Date) {
	requireAnswered(open);
	const plan = await currentPlanOf(db, open.assessment.id);
	const person = await readPersonPlace(db, open.actor.personId);
	const shown = plan && person && shownTrial(open.assessment, plan, person, now);
	if (!shown || !person) throw new DomainError('conflict', 'trialGone');
	return { ...shown, nextDay: addWorkingDays(person.place.dayOf(now), 1, person.place.calendar) };
}

/** Starts to try another of the offered plans today; the plan in use is unchanged. */
export async function startPlanTrial(db: Db, open: OpenAssessment, chosen: number, now: Date): Promise<void> {
	requireAnswered(open);
	const plan = await currentPlanOf(db, open.assessment.id);
	const person = await readPersonPlace(db, open.actor.personId);
	if (!plan || !person || plan.chosen === chosen || !planOffers(plan.workstation, plan.advice)[chosen])
		throw new DomainError('conflict', 'planGone');
	const tried = { kind: 'plan', plan: chosen, planId: plan.id } as const;
	await saveAnswers(db, open, trialFields(tried, person.place.dayOf(now)), now);
}

/** Saves how comfortable a day of a trial was, 0 to 10; null where it was not done, which moves it to the person’s next working day. */
export async function answerTrial(
	db: Db,
	open: OpenAssessment,
	comfort: number | null,
	now: Date
): Promise<void> {
	const { trial, stage, nextDay } = await requireTrial(db, open, now);
	// Two tabs: the first one has answered for this day.
	if (!stage || stage.part === 'later') throw new DomainError('conflict', 'trialAnswered');
	await saveAnswers(db, open, comfortFields(trial, comfort, nextDay), now);
}

/** Ends a trial: what was tried is kept and planned with, or everything stays as it is. */
export async function endTrial(
	db: Db,
	open: OpenAssessment,
	keeps: 'tried' | 'own',
	planning: Planner,
	now: Date
): Promise<void> {
	const { trial } = await requireTrial(db, open, now);
	const { tried } = trial;
	if (keeps === 'tried') {
		if (tried.kind === 'style') return adoptStyle(db, open, tried.way, planning, now);
		await choosePlan(db, open, { chosen: tried.plan }, now);
	}
	await saveAnswers(db, open, noTrialFields(), now);
}
