import { adjustmentsOfSteps, advisedFindings } from '$lib/core/plan/advice/advised-findings';
import { firstActions } from '$lib/core/plan/advice/first-actions';
import { needsNoPlan, planOffers, stepsOfOffer } from '$lib/core/plan/advice/plan-offers';
import type { AdviceSummary } from '$lib/core/plan/advice/advise-corner';
import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
import type { Answers } from '$lib/core/questionnaire/answers/fields';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { fixRule } from '$lib/core/questionnaire/checklist/fixes';
import { factsOf, type Facts } from '$lib/core/plan/conditions/facts';
import type { Adjustment } from '$lib/core/plan/conditions/adjustments';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { planOptions } from '$lib/core/plan/plan-options';
import { laptopArrangements } from '$lib/core/plan/laptop';
import { planCorner, type Plan } from '$lib/core/plan/plan-corner';
import type { PlanStep } from '$lib/core/plan/plan-steps';
import { sideViewOf, type SideView } from '$lib/core/workstation/side-view/side-view';
import { messagesFor } from '$lib/messages';
import { adviceForPage, type PageAdvice } from '$lib/messages/advice/advice-for-page';
import { planTitle } from '$lib/ui/plan/plan-title';
import { stepCheck, stepWords } from '$lib/ui/plan/step-words';
import type { RandomPerson } from './random-person';

const t = messagesFor();

/** All that one person is told on the page of their plan. */
export interface WhatIsTold {
	readonly corner: Corner;
	readonly facts: Facts;
	readonly kept: AdviceSummary;
	readonly plan: Plan | null;
	readonly steps: readonly PlanStep[];
	readonly page: PageAdvice;
	readonly title: string;
	/** Each step in words: what to do, and how to see that it has worked. */
	readonly stepTexts: readonly { readonly step: PlanStep; readonly how: string; readonly check: string }[];
	/** Acts of the plan and of every fix that is told. */
	readonly acts: readonly Adjustment[];
	readonly now: SideView;
	readonly after: SideView;
}

/** Everything that is read on the page, in one text, but for the cautions and what can be bought. */
export function textOf({ page, title, stepTexts }: WhatIsTold): string {
	return [
		title,
		...stepTexts.flatMap(({ how, check }) => [how, check]),
		...page.findings.flatMap(({ name, because, fixes }) => [name, because ?? '', ...fixes]),
		...page.variants.flatMap(({ name, how }) => [name, how])
	].join('\n');
}

/** What someone is told, by the same functions as the page. Purchases are left out: they take tens of searches. */
export function whatIsTold({ corner, checks, reports }: RandomPerson): WhatIsTold {
	const report = planCorner(corner, 1);
	const best = report.plans[0];
	const { rungs, proven } = best ? planOptions(corner, best, report.before) : { rungs: [], proven: true };
	const laptop = best ? laptopArrangements(corner, best, report.before) : null;
	const kept: AdviceSummary = {
		...report,
		format: 'easy-corner.advise/2',
		proven: report.proven && proven,
		ladder: rungs,
		more: null,
		purchases: [],
		laptop,
		first: firstActions(corner, { ...report, ladder: rungs, purchases: [], laptop }),
		findings: []
	};
	const plan = planOffers(corner, kept)[0]?.plan ?? null;
	const steps = stepsOfOffer(corner, kept, 0);
	const answers: Answers = Object.fromEntries(
		Object.entries(checks).map(([id, answer]) => [checklistField(id), answer ?? ''])
	);
	const checklist = checklistFrom(3, null);
	const told = { answers, discomfort: reports, checklist };
	const page = adviceForPage(corner, kept, told, { plan, steps }, 'en');
	const worked = steps.length > 0 ? plan : null;
	const advised = advisedFindings(corner, { checklist, answers: checks, reports }, worked, steps);
	const fixes = advised.flatMap((finding) => finding.fixes.flatMap((fix) => fixRule(fix).act ?? []));
	return {
		corner,
		facts: factsOf(corner),
		kept,
		plan,
		steps,
		page,
		title: planTitle(
			{
				corner,
				isLeftAlone: needsNoPlan(kept),
				acts: page.acts,
				findings: page.findings,
				measureNext: kept.measureNext,
				plan,
				open: steps,
				steps: steps.length,
				unit: 'mm'
			},
			t
		).title,
		stepTexts: steps.map((step) => ({
			step,
			how: stepWords(step, t, 'mm').join(' '),
			check: stepCheck(step, t, 'mm')
		})),
		acts: [...adjustmentsOfSteps(corner, worked, steps), ...fixes],
		now: sideViewOf(corner, null),
		after: sideViewOf(corner, worked)
	};
}
