<script lang="ts">
	import type { PlanOffer } from '$lib/core/plan/advice/plan-offers';
	import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Plan } from '$lib/core/plan/plan-corner';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import CheckChange from '../workstation/gap-mark/CheckChange.svelte';
	import GapMark from '../workstation/gap-mark/GapMark.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import { planAsksForChanges } from './plan-asks';

	interface Props {
		corner: Corner;
		before: readonly CheckResult[];
		/** The offered plans, the recommended one first. */
		offers: readonly PlanOffer[];
		/** Indexes of the offer in use and of the one shown. */
		worked: number;
		shown: number;
		/** URL of a rung; null where they can only be read. */
		hrefOf: ((place: number) => string) | null;
		/** Label of the one in use. */
		workedWords: string;
		/** False in a fold that already has the title. */
		hasTitle?: boolean;
		t: Catalogue;
		unit: LengthUnit;
	}

	let {
		corner,
		before: now,
		offers,
		worked,
		shown,
		hrefOf,
		workedWords,
		hasTitle = true,
		t,
		unit
	}: Props = $props();

	/** The rungs, fewest changes first, each with its index among the offers. */
	const rungs = $derived(
		offers.flatMap(({ rung, plan }, place) => (rung ? [{ ...rung, plan, place }] : [])).reverse()
	);
	/** Checks worth a line: those that don't fit before or after. */
	const shownChecks = (plan: Plan) =>
		plan.after.flatMap((after) => {
			const before = now.find(({ id }) => id === after.id) ?? null;
			return before?.verdict === 'fits' && after.verdict === 'fits' ? [] : [{ before, after }];
		});
</script>

<!-- Paper is for the plan in use, not for choosing one. -->
<section class="no-print" aria-label={t.ladder.title}>
	{#if hasTitle}<h2 id="ladder" class="text-head">{t.ladder.title}</h2>{/if}
	<p class="text-ink-soft">{t.ladder.lead}</p>
	<ol class="mt-2">
		{#each rungs as { things, plan, place } (place)}
			<li class="rung" class:shown={place === shown}>
				<LazyHydrate>
					<p class="flex flex-wrap items-baseline justify-between gap-x-3">
						<span class="flex min-w-0 flex-1 items-baseline gap-3">
							<span class="number" aria-hidden="true">{things}</span>
							<span
								><span class="sr-only">{t.lists.label(t.ladder.count(things))} </span><strong
									>{planAsksForChanges(corner, plan, t, unit)}</strong
								></span
							>
						</span>
						{#if place === 0}<span class="badge">{t.ladder.suggested}</span>{/if}
					</p>
					<ul class="mt-1.5 text-note">
						{#each shownChecks(plan) as { before, after } (after.id)}
							<li class="check">
								<span class="font-semibold">{t.checks.names[after.id]}</span>
								<GapMark check={after} {before} {t} {unit} width={100} />
								<span><CheckChange check={after} {before} {t} {unit} /></span>
							</li>
						{/each}
					</ul>
					<p class="no-print mt-1 text-note">
						{#if place === worked}
							<span class="text-ink-soft">{workedWords}</span>
						{:else if hrefOf && place === shown}
							<span class="text-ink-soft">{t.ladder.isShown}</span>
						{:else if hrefOf}
							<Button
								look="quiet"
								href={hrefOf(place)}
								data-sveltekit-noscroll
								aria-label={t.lists.of(t.ladder.show, t.ladder.count(things))}>{t.ladder.show}</Button
							>
						{/if}
					</p>
				</LazyHydrate>
			</li>
		{/each}
	</ol>
</section>

<style>
	.rung {
		padding: 0.75rem 0;
		border-top: 1px solid var(--rule);
	}
	.rung:last-child {
		border-bottom: 1px solid var(--rule);
	}
	.shown {
		margin: 0 -0.75rem;
		padding-inline: 0.75rem;
		background: var(--sheet);
		box-shadow: inset calc(3px * var(--along)) 0 0 var(--ink);
	}
	.check {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 0.75rem;
		padding: 0.125rem 0;
	}
	.check span:first-child {
		flex: none;
		width: 5.5rem;
	}
	.check span:last-child {
		flex: 1 1 8rem;
	}
	.number {
		font: 700 1.5rem/1 var(--font-title);
	}
	.badge {
		padding: 0.125rem 0.5rem;
		border-radius: 3px;
		background: var(--cool-wash);
		color: var(--cool);
		font-size: var(--text-note);
		font-weight: 600;
	}
</style>
