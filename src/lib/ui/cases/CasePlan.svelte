<script lang="ts">
	import type { Judgement } from '$lib/core/judgement';
	import type { LengthUnit } from '$lib/core/length';
	import type { PlanStep } from '$lib/core/plan';
	import type { Catalogue } from '$lib/messages';
	import type { PageAdvice } from '$lib/messages/advice-for-page';
	import StepList from '../plan/StepList.svelte';
	import WhatStaysOpen from '../plan/WhatStaysOpen.svelte';

	interface Props {
		steps: readonly PlanStep[];
		ticks: Readonly<Record<string, boolean>>;
		advice: PageAdvice;
		madeAt: Date;
		progress: Judgement['plan'];
		earlier: readonly { readonly id: string; readonly madeAt: Date; readonly steps: readonly PlanStep[] }[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { steps, ticks, advice, madeAt, progress, earlier, t, unit }: Props = $props();

	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const fits = $derived(advice.before.every((check) => check.verdict === 'fits'));
	const names = (of: readonly PlanStep[]) =>
		of
			.map(({ place, pieces }) => [t.steps.places[place], ...pieces.map((p) => p.label)].join(' '))
			.join(', ');
</script>

<section class="mt-6">
	<h2 class="text-head">The plan they have</h2>
	<p class="text-note text-ink-soft">
		Given {date.format(madeAt)}{#if progress}; {progress.done} of {progress.of} steps stand{progress.carriedOut
				? `, carried out on ${date.format(new Date(`${progress.carriedOut}T00:00:00Z`))}`
				: ''}{/if}.
	</p>
	{#if steps.length > 0}
		<div class="mt-2"><StepList {steps} {ticks} {t} {unit} canTick={false} /></div>
	{:else}
		<p class="mt-2 text-ink-soft">
			{fits ? 'Nothing to do: the corner fits.' : 'Nothing to do: no piece in the house makes it better.'}
		</p>
	{/if}
	<WhatStaysOpen
		compromise={advice.compromise}
		purchases={fits ? [] : advice.purchases}
		findings={advice.findings}
		proven={advice.proven}
		{t}
		{unit}
	/>
	{#if earlier.length > 0}
		<details class="mt-4">
			<summary class="link-button text-note">Earlier plans: what they were given when</summary>
			<ul class="text-note">
				{#each earlier as plan (plan.id)}
					<li class="border-t border-rule py-1.5">
						<span class="text-ink-soft">{date.format(plan.madeAt)}:</span>
						{names(plan.steps) || 'nothing to do'}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
</section>
