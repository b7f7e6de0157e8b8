<script lang="ts">
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import type { PlanVisit } from './plan-visit.svelte';
	import { isOffline } from '../kit/is-offline.svelte';
	import Ladder from './Ladder.svelte';
	import StepList from './StepList.svelte';
	import Later from '../later/Later.svelte';

	interface Props {
		visit: PlanVisit;
		leftOut: readonly { readonly id: string; readonly label: string }[];
		t: Catalogue;
	}

	let { visit, leftOut, t }: Props = $props();

	/** Places of the offers that do the same with other things. */
	const others = $derived(visit.data.offers.flatMap(({ rung }, place) => (rung ? [] : [place])));
	const misfit = (place: number) => visit.data.offers[place]?.plan.cost.W ?? Infinity;
	const isReading = (place: number) => visit.data.offers[place]?.kind === 'reading';
	/** The offer that leaves least open, where that is less than the recommended one leaves: it asks for more than that gains. */
	const closest = $derived(
		others.filter((place) => !isReading(place)).toSorted((a, b) => misfit(a) - misfit(b))[0] ?? 0
	);
	const isCloser = (place: number) => place === closest && misfit(place) < misfit(0);
	const hasLadder = $derived(visit.data.offers.some(({ rung }) => rung !== null));
</script>

{#if hasLadder}
	<div class="mt-5">
		<Later
			><Ladder
				corner={visit.data.corner}
				before={visit.data.before}
				offers={visit.data.offers}
				worked={visit.data.worked}
				shown={visit.data.shown}
				hrefOf={(place) => `${page.url.pathname}?plan=${place + 1}`}
				workedWords={t.plan.workingOn}
				{t}
				unit={visit.data.unit}
			/></Later
		>
	</div>
{/if}
{#if hasLadder ? others.length > 0 : others.length > 1}
	<nav class="no-print mt-4 flex flex-wrap items-center gap-2 text-note" aria-label={t.plan.alternatives}>
		{#each others as place, i (place)}
			<Button
				aria-current={place === visit.data.shown ? 'true' : undefined}
				href="{page.url.pathname}?plan={place + 1}"
				data-sveltekit-noscroll
			>
				{isReading(place)
					? t.open.reading
					: hasLadder
						? t.ladder.other(i + 1, isCloser(place))
						: t.plan.planN(i + 1)}
			</Button>
		{/each}
		<span class="text-ink-soft">{t.plan.anotherLead}</span>
	</nav>
{/if}

{#if visit.steps.length > 0}
	{#if visit.isWorked}
		<p class="mt-5 flex justify-between text-note text-ink-soft">
			<span>{t.plan.tick}</span>
			<span role="status">{t.plan.ticked(visit.doneCount, visit.steps.length)}</span>
		</p>
	{:else}
		<form method="POST" action="?/choose" use:enhance class="no-print mt-4 flex flex-wrap items-center gap-3">
			<Button name="plan" value={visit.data.shown + 1} disabled={isOffline.current}
				>{t.plan.workOnThis}</Button
			>
			<span class="text-note text-ink-soft">{t.plan.workOnThisNote}</span>
		</form>
	{/if}
	<div class="mt-1">
		<Later
			><StepList
				steps={visit.steps}
				ticks={visit.isWorked ? visit.ticks : {}}
				{t}
				unit={visit.data.unit}
				canTick={visit.isWorked}
				tick={(place, done) => visit.tick(place, done)}
				canLeaveOut={visit.isWorked}
				stuckHref={(place) => `/c/${visit.data.token}/messages?stuck=plan.tick.${place}`}
			/></Later
		>
	</div>
{/if}
{#if leftOut.length > 0}
	<div class="no-print mt-3 flex flex-wrap items-center gap-2 text-note">
		<span class="text-ink-soft">{t.plan.leftOut}</span>
		{#each leftOut as piece (piece.id)}
			<form method="POST" action="?/out" use:enhance>
				<input type="hidden" name="piece" value={piece.id} />
				<Button name="out" value="no" disabled={isOffline.current}>{t.plan.putBack(piece.label)}</Button>
			</form>
		{/each}
	</div>
{/if}
