<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { needsNoPlan, planOffers } from '$lib/core/plan/advice/plan-offers';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { PlanStep } from '$lib/core/plan/plan-steps';
	import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import BesideHeights from '../plan/BesideHeights.svelte';
	import Ladder from '../plan/Ladder.svelte';
	import StepList from '../plan/StepList.svelte';
	import WhatElseHelps from '../plan/WhatElseHelps.svelte';
	import WhatWasFound from '../plan/WhatWasFound.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		corner: Corner;
		/** How the person wants to be drawn. */
		drawnAs: DrawingStyle;
		steps: readonly PlanStep[];
		/** Index of the offer in use. */
		chosen: number;
		ticks: Readonly<Record<string, boolean>>;
		advice: PageAdvice;
		madeAt: Date;
		progress: AssessmentResult['plan'];
		earlier: readonly { readonly id: string; readonly madeAt: Date; readonly steps: readonly PlanStep[] }[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { corner, drawnAs, steps, chosen, ticks, advice, madeAt, progress, earlier, t, unit }: Props = $props();

	const offers = $derived(planOffers(corner, advice));
	const names = (of: readonly PlanStep[]) =>
		of
			.map(({ place, pieces }) => [t.steps.places[place], ...pieces.map((p) => p.label)].join(' '))
			.join(', ');
</script>

<section class="mt-6">
	<h2 class="text-head">{texts.currentPlan}</h2>
	<p class="text-note text-ink-soft">
		{texts.planGiven(dayWords(madeAt))}{#if progress}{texts.planProgress(
				progress.done,
				progress.of,
				progress.carriedOut && dayWords(progress.carriedOut)
			)}{/if}.
	</p>
	{#if steps.length > 0}
		<div class="mt-2"><StepList {steps} {ticks} {t} {unit} canTick={false} /></div>
	{:else}
		<p class="mt-2 text-ink-soft">
			{texts.noPlanNeeded(needsNoPlan(advice))}
		</p>
	{/if}
	{#if offers.some(({ rung }) => rung)}
		<details class="mt-4">
			<summary class="kit-summary">{texts.options}</summary>
			<div class="mt-3">
				<Ladder
					{corner}
					before={advice.before}
					{offers}
					worked={chosen}
					shown={chosen}
					hrefOf={null}
					workedWords={texts.theirChoice}
					{t}
					{unit}
				/>
			</div>
		</details>
	{/if}
	<WhatWasFound
		{advice}
		hasHabits={false}
		drawn={{ corner, plan: offers[chosen]?.plan ?? null, drawnAs }}
		{t}
		{unit}
	/>
	<WhatElseHelps {advice} isOpen drawn={{ corner, plan: offers[chosen]?.plan ?? null, drawnAs }} {t} {unit} />
	<BesideHeights {corner} {advice} {t} {unit} />
	{#if earlier.length > 0}
		<details class="mt-4">
			<summary class="kit-summary">{texts.earlierPlans}</summary>
			<ul class="text-note">
				{#each earlier as plan (plan.id)}
					<li class="border-t border-rule py-1.5">
						<span class="text-ink-soft">{dayWords(plan.madeAt)}:</span>
						{texts.stepsOrNone(names(plan.steps))}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
</section>
