<script lang="ts">
	import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
	import { chosenOption } from '$lib/core/questionnaire/answers/fields';
	import { stepTickField, stepTicksOf } from '$lib/core/questionnaire/answers/answer-fields';
	import type { Habit } from '$lib/core/questionnaire/checklist/habits';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import { needsNoPlan, planOffers } from '$lib/core/plan/advice/plan-offers';
	import type { PlanStep } from '$lib/core/plan/plan-steps';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import type { Draft } from '../questionnaire/draft.svelte';
	import { planTitle } from './plan-title';
	import BesideHeights from './BesideHeights.svelte';
	import CheckTable from './CheckTable.svelte';
	import SegmentSwitch from '../platform/kit/SegmentSwitch.svelte';
	import StepList from './StepList.svelte';
	import WhatElseHelps from './WhatElseHelps.svelte';
	import WhatWasFound from './WhatWasFound.svelte';

	interface Props {
		corner: Corner;
		steps: readonly PlanStep[];
		advice: PageAdvice;
		draft: Draft;
		t: Catalogue;
	}

	let { corner, steps, advice, draft, t }: Props = $props();

	type State = 'now' | 'after';

	const unit = $derived(draft.unit);
	const offer = $derived(planOffers(corner, advice)[0] ?? null);
	const plan = $derived(offer?.plan ?? null);
	const heading = $derived(
		planTitle(
			{
				corner,
				isLeftAlone: needsNoPlan(advice),
				acts: advice.acts,
				findings: advice.findings,
				measureNext: advice.measureNext,
				plan,
				open: steps.filter(({ place }) => !ticks[place]),
				steps: steps.length,
				unit
			},
			t
		)
	);
	const ticks = $derived(stepTicksOf(draft.answers));
	/** A habit is saved as the answer to its question. */
	const answer = ({ question }: Habit, isSo: boolean) => {
		if (question) draft.set(checklistField(question.item), isSo ? question.so : question.notSo);
	};
	const habits = $derived(
		advice.habits.map((habit) => {
			const said = habit.question && draft.answers[checklistField(habit.question.item)];
			return said === habit.question?.so
				? { ...habit, isSo: true }
				: said === habit.question?.notSo
					? { ...habit, isSo: false }
					: habit;
		})
	);
	const drawnAs = $derived(chosenOption(draft.answers, 'drawnAs'));
	const sections = $derived({
		now: sideViewOf(corner, null, null, drawnAs),
		after: sideViewOf(corner, plan, null, drawnAs)
	});
	const states: readonly State[] = ['now', 'after'];
	let shown = $state<State>('after');
	const words: Record<State, string> = $derived({ now: t.section.now, after: t.section.after });
</script>

<p class="border-s-4 border-cool bg-cool-wash px-3 py-2" role="status">{t.plan.offline}</p>
<h1 class="mt-4 text-title">
	{heading.title}
</h1>
<p class="mt-2 text-lead">{heading.lead}</p>
<div class="mt-4 border border-rule bg-sheet p-4">
	<SegmentSwitch
		{states}
		{shown}
		label={t.section.choose}
		words={(state) => words[state]}
		choose={(state) => (shown = state)}
	/>
	<div class="mt-3">
		<SideViewDrawing
			section={sections[shown]}
			all={[sections.now, sections.after]}
			{t}
			{unit}
			mostHeight={430}
		/>
	</div>
	<CheckTable
		title={t.plan.checksTitle}
		checks={sections[shown].checks}
		certainty={sections[shown].certainty}
		before={shown === 'now' ? [] : advice.before}
		{t}
		{unit}
	/>
</div>
{#if steps.length > 0}
	<div class="mt-5">
		<StepList
			{steps}
			{ticks}
			{t}
			{unit}
			canTick
			tick={(place, done) => draft.set(stepTickField(place), done ? 'yes' : 'no')}
		/>
	</div>
{/if}
<WhatWasFound advice={{ ...advice, habits }} {answer} drawn={{ corner, plan, drawnAs }} {t} {unit} />
<WhatElseHelps {advice} drawn={{ corner, plan, drawnAs }} isOpen={steps.length === 0} {t} {unit} />
<BesideHeights {corner} {advice} {t} {unit} />
