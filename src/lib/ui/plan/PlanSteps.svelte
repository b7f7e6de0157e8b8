<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
	import type { Catalogue } from '$lib/messages/shapes';
	import { trialTextsFor } from '$lib/messages/trial';
	import Button from '../platform/kit/Button.svelte';
	import type { PlanVisit } from './plan-visit.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import StepList from './StepList.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		visit: PlanVisit;
		leftOut: readonly { readonly id: string; readonly label: string }[];
		t: Catalogue;
	}

	let { visit, leftOut, t }: Props = $props();

	const kindsAtHome = $derived.by(() => {
		const counted: Partial<Record<HouseholdKind, number>> = {};
		for (const { kind, count = 1 } of visit.data.corner.household)
			counted[kind] = (counted[kind] ?? 0) + count;
		return counted;
	});
</script>

{#if visit.steps.length > 0}
	{#if visit.isWorked}
		<p class="mt-5 flex justify-between text-note text-ink-soft">
			<span>{t.plan.tick}</span>
			<span role="status">{t.plan.ticked(visit.doneCount, visit.steps.length)}</span>
		</p>
	{:else}
		<form
			method="POST"
			action="?/choose"
			use:enhanceForm
			class="no-print mt-4 flex flex-wrap items-center gap-3"
		>
			<Button name="plan" value={visit.data.shown + 1} disabled={isOffline.current}
				>{t.plan.workOnThis}</Button
			>
			<Button
				look="quiet"
				name="plan"
				value={visit.data.shown + 1}
				formaction="?/try"
				disabled={isOffline.current}>{trialTextsFor(t.locale).tryPlan}</Button
			>
			<span class="text-note text-ink-soft">{t.plan.workOnThisNote}</span>
		</form>
	{/if}
{/if}
<div class="mt-1">
	<LazyHydrate
		>{#if visit.steps.length > 0}<StepList
				steps={visit.steps}
				ticks={visit.isWorked ? visit.ticks : {}}
				{t}
				unit={visit.data.unit}
				canTick={visit.isWorked}
				tick={(place, done) => visit.tick(place, done)}
				canLeaveOut={visit.isWorked}
				{kindsAtHome}
				stuckHref={(place) => `/c/${visit.data.token}/messages?stuck=plan.tick.${place}`}
			/>{/if}</LazyHydrate
	>
</div>
{#if leftOut.length > 0}
	<div class="no-print mt-3 flex flex-wrap items-center gap-2 text-note">
		<span class="text-ink-soft">{t.plan.leftOut}</span>
		{#each leftOut as piece (piece.id)}
			<form method="POST" action="?/out" use:enhanceForm>
				<input type="hidden" name="piece" value={piece.id} />
				<Button name="out" value="no" disabled={isOffline.current}>{t.plan.putBack(piece.label)}</Button>
			</form>
		{/each}
	</div>
{/if}
