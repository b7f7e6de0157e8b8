import { advisedFindings, isCoveredByStep } from '$lib/core/plan/advice/advised-findings';
import { nonHeightChecks } from '$lib/core/plan/advice/non-height-checks';
import { planPageActions } from '$lib/core/plan/advice/plan-page-actions';
import { advisedViewingDistance } from '$lib/core/plan/advice/advised-viewing-distance';
import type { AdviceSummary } from '$lib/core/plan/advice/advise-corner';
import { extraAnswersOf } from '$lib/core/questionnaire/answers/extra-answers';
import {
	checklistField,
	checklistAnswersOf,
	factsOfAnswers
} from '$lib/core/questionnaire/answers/checklist-fields';
import { chosenOption, unitOf, type Answers } from '$lib/core/questionnaire/answers/fields';
import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
import { thingsAtHome } from '$lib/core/questionnaire/answers/device-answers';
import { stepTicksOf } from '$lib/core/questionnaire/answers/answer-fields';
import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
import { askedItems, type Checklist } from '$lib/core/questionnaire/checklist/checklist';
import { habitsOf } from '$lib/core/questionnaire/checklist/habits';
import { isHazard } from '$lib/core/questionnaire/checklist/hazards';
import { likelyCauses, questionsToAsk } from '$lib/core/questionnaire/checklist/causes';
import { regionsOfFinding } from '$lib/core/questionnaire/checklist/findings';
import type { ItemId } from '$lib/core/questionnaire/checklist/item-ids';
import { bodyHeights } from '$lib/core/workstation/checks/check-values';
import { checkCorner } from '$lib/core/workstation/checks/check-corner';
import { setUpAsMeasured } from '$lib/core/workstation/checks/set-up';
import { factsOf } from '$lib/core/plan/conditions/facts';
import { bodyOf } from '$lib/core/body/body-length';
import { pointingHandOf } from '$lib/core/workstation/corner/pointing-hand';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { actionsOf } from '$lib/core/cases/case-assessment/actions';
import type { RegionReport } from '$lib/core/cases/discomfort/report';
import { setUpAfter, type Plan } from '$lib/core/plan/plan-corner';
import type { PlanStep } from '$lib/core/plan/plan-steps';
import { variantsOf } from '$lib/core/workstation/variants/variants-of';
import { checklistTextsFor, findingName } from '../checklist';
import { wordsFor } from '../words-by-facts';
import { findingLines } from './finding-lines';
import { sunView } from './sun-view';
import { variantLines } from './variant-lines';

/** What a person reported besides lengths. */
export interface ExtraAnswered {
	readonly answers: Answers;
	readonly discomfort: readonly RegionReport[] | null;
	/** The checklist that was asked. */
	readonly checklist: Checklist;
}

/** The plan that a page is about. */
export interface PagePlan {
	/** Null where there is nothing to do. */
	readonly plan: Plan | null;
	readonly steps: readonly PlanStep[];
}

/** An unanswered question that matters for the person's discomfort. */
interface OpenQuestion {
	readonly id: string;
	readonly question: string;
	readonly page: QuestionnairePage;
}

function openQuestions(corner: Corner, extra: ExtraAnswered, locale: string): OpenQuestion[] {
	const { checklist } = extra;
	const answers = checklistAnswersOf(extra.answers);
	const facts = factsOfAnswers(extra.answers, corner.way);
	const texts = checklistTextsFor(locale, checklist.own);
	const causes = likelyCauses(extra.discomfort ?? [], pointingHandOf(corner.person));
	const asked = askedItems(checklist, facts, answers);
	return questionsToAsk(causes, asked, (id) => answers[id] !== undefined).map((id) => ({
		id,
		question: wordsFor(texts.items[id as ItemId].question, facts),
		page: pageOfField(checklistField(id))
	}));
}

/**
 * Advice as a page shows it, in words where they are the same for every unit: what goes over the wire, and what a page without network
 * makes. Findings, the checks that are no stacks and the variants are worked out for the plan that the page is about.
 *
 * Cost: some tens of checks of one corner; nothing is searched.
 */
export function adviceForPage(
	corner: Corner,
	advice: AdviceSummary,
	extra: ExtraAnswered,
	{ plan, steps }: PagePlan,
	locale: string
) {
	const { findings: _measured, purchases: _kept, ...rest } = advice;
	const { checklist } = extra;
	const answers = checklistAnswersOf(extra.answers);
	const arms = chosenOption(extra.answers, 'arms');
	const facts = factsOf(corner, arms);
	const worked = steps.length > 0 ? plan : null;
	const advised = advisedFindings(
		corner,
		{ checklist, answers, reports: extra.discomfort ?? [], arms },
		worked,
		steps
	);
	const texts = checklistTextsFor(locale, checklist.own);
	const besides = extraAnswersOf(extra.answers);
	const found = advised.map(({ finding }) => finding);
	const setUp = worked ? setUpAfter(corner, worked) : setUpAsMeasured(corner);
	const { eye } = bodyHeights(corner, bodyOf(corner), setUp);
	const ticks = stepTicksOf(extra.answers);
	const actions = actionsOf({
		findings: advised
			.filter(({ fate }) => fate === 'stays')
			.map(({ finding }) => ({
				id: finding,
				isHazard: isHazard(finding),
				regions: regionsOfFinding(finding, checklist.own)
			})),
		things: steps.map(({ place }) => ({ thing: place, stands: ticks[place] === true })),
		newest: extra.discomfort && { regions: extra.discomfort },
		corner,
		standing: checkCorner(corner, setUpAsMeasured(corner))
	});
	return {
		...rest,
		facts,
		/** The first actions, as far as answers tell; an assessment also knows the state of each. */
		acts: planPageActions(actions, advice.first),
		habits: habitsOf(checklist, facts, answers),
		/** The viewing distance shown to them. */
		toldDistance: advisedViewingDistance(corner, steps),
		/** What need not be requested: it is at home. */
		own: thingsAtHome(extra.answers),
		besides,
		purchases: advice.purchases,
		findings: findingLines(facts, advised, locale, checklist.own),
		/** Other problems that the plan fixes, by name, except what a step is about. */
		closed: advised
			.filter(({ finding, fate }) => fate === 'closed' && !isCoveredByStep(finding, steps))
			.map(({ finding }) => findingName(texts, finding)),
		askNext: openQuestions(corner, extra, locale),
		others: nonHeightChecks(corner, worked, besides.letterMm),
		variants: variantLines(variantsOf(corner, worked, found, answers), unitOf(extra.answers), locale),
		sun: sunView(besides, Math.round(eye - corner.spot.screen.visibleHeight / 2)),
		/** Eye height after the plan; a second screen is raised to it. */
		eyeMm: Math.round(eye)
	};
}

/** The result of {@link adviceForPage}. */
export type PageAdvice = ReturnType<typeof adviceForPage>;
