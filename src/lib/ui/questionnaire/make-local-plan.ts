import { summarizeAdvice, type Advice } from '$lib/core/plan/advice/advise-corner';
import { planOffers, stepsOfOffer } from '$lib/core/plan/advice/plan-offers';
import { discomfortFromAnswers } from '$lib/core/questionnaire/answers/discomfort-answers';
import type { Answers } from '$lib/core/questionnaire/answers/fields';
import type { Checklist } from '$lib/core/questionnaire/checklist/checklist';
import type { Corner } from '$lib/core/workstation/corner/corner';
import type { PlanStep } from '$lib/core/plan/plan-steps';
import { adviceForPage, type PageAdvice } from '$lib/messages/advice/advice-for-page';

export interface LocalPlanMade {
	readonly corner: Corner;
	readonly steps: readonly PlanStep[];
	readonly advice: PageAdvice;
}

/** What a page shows of advice computed on the device. */
export function makeLocalPlan(
	corner: Corner,
	advice: Advice,
	given: { readonly answers: Answers; readonly checklist: Checklist },
	locale: string
): LocalPlanMade {
	const { reports: discomfort } = discomfortFromAnswers(given.answers);
	const kept = summarizeAdvice(advice);
	const plan = planOffers(corner, kept)[0]?.plan ?? null;
	const steps = stepsOfOffer(corner, kept, 0);
	return {
		corner,
		steps,
		advice: adviceForPage(corner, kept, { ...given, discomfort }, { plan, steps }, locale)
	};
}
