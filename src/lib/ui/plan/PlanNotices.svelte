<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { ComponentProps } from 'svelte';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import type { PlanVisit } from './plan-visit.svelte';
	import TrialCard from './TrialCard.svelte';

	interface Props {
		visit: PlanVisit;
		data: {
			readonly token: string;
			readonly isBehind: boolean;
			readonly isNewPlan: boolean;
			readonly kept: readonly string[];
			readonly isMoving: boolean;
			readonly moving: readonly { readonly label: string; readonly pieces: number }[] | null;
			readonly next: { readonly hasOpenSign: boolean };
			readonly isOfOldRules: boolean;
			readonly trial: Pick<ComponentProps<typeof TrialCard>, 'trial' | 'stage' | 'isAskedByEmail'> | null;
		};
		t: Catalogue;
	}

	/** What to know about the plan itself: that it is done, out of date, new, or one of several. */
	let { visit, data, t }: Props = $props();

	const keptNames = $derived(
		t.lists.and(
			visit.steps.filter(({ place }) => data.kept.includes(place)).map(({ place }) => t.steps.places[place])
		)
	);
</script>

{#if visit.isDone}
	<p class="notice no-print flex flex-wrap justify-between gap-3">
		<span>{visit.openProblems > 0 ? t.plan.stepsDoneTitle(visit.openProblems) : t.plan.allDone}</span>
		<Button href="/c/{data.token}/day">{t.plan.dayLink}</Button>
	</p>
{/if}
{#if data.isBehind}
	<form
		method="POST"
		action="?/renew"
		use:enhanceForm
		class="notice no-print flex flex-wrap justify-between gap-3"
	>
		<span>{t.plan.behind}</span>
		<Button disabled={isOffline.current}>{t.plan.renew}</Button>
	</form>
{:else if data.isOfOldRules && visit.isWorked}
	<form
		method="POST"
		action="?/renew"
		use:enhanceForm
		class="notice no-print flex flex-wrap justify-between gap-3"
	>
		<span>{t.plan.oldRules}</span>
		<Button look="quiet" disabled={isOffline.current}>{t.plan.newRules}</Button>
	</form>
{:else if data.isNewPlan && visit.isWorked && visit.steps.length > 0}
	<p class="notice">{keptNames ? t.plan.kept(keptNames) : t.plan.keptNone}</p>
{/if}
{#if data.trial}<TrialCard {...data.trial} token={data.token} {t} />{/if}
{#if data.next.hasOpenSign}
	<p class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2">{t.first.coordinatorKnows}</p>
{/if}
{#if data.moving}
	<form
		method="POST"
		action="?/choose"
		use:enhanceForm
		class="notice no-print flex flex-wrap justify-between gap-3"
	>
		<span
			>{t.spots.moving(
				t.lists.and(data.moving.map(({ label, pieces }) => (pieces > 1 ? `${pieces} × ${label}` : label)))
			)}</span
		>
		<Button name="plan" value="moving" disabled={isOffline.current}>{t.spots.move}</Button>
	</form>
{:else if data.isMoving}
	<form method="POST" action="?/renew" use:enhanceForm class="notice no-print">
		<Button look="quiet" disabled={isOffline.current}>{t.spots.stay}</Button>
	</form>
{/if}

<style>
	.notice {
		align-items: center;
		margin-top: 0.75rem;
		padding: 0.5rem 0.75rem;
		border-inline-start: 4px solid var(--cool);
		background: var(--cool-wash);
	}
</style>
