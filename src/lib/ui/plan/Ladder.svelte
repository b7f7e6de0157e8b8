<script lang="ts">
	import { page } from '$app/state';
	import { thingsOfPlan } from '$lib/core/plan/ladder';
	import { formatLength } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import { changeWords } from '../gap-mark/change-words';
	import GapMark from '../gap-mark/GapMark.svelte';
	import type { PlanVisit } from './plan-visit.svelte';

	interface Props {
		visit: PlanVisit;
		t: Catalogue;
	}

	let { visit, t }: Props = $props();

	const { corner } = $derived(visit.data);
	const unit = $derived(visit.data.unit);
	const list = $derived(new Intl.ListFormat(t.locale, { type: 'conjunction' }));
	/** The rungs, fewest things first, each with its place among the offers; the first offer is the one to recommend. */
	const rungs = $derived(
		visit.data.rungs
			.flatMap((rung, i) => {
				const plan = visit.data.plans[i];
				return rung && plan ? [{ ...rung, plan, place: i }] : [];
			})
			.reverse()
	);
	/** What a rung asks for: each thing with how far it goes up or down. */
	function asks(plan: PlanVisit['data']['plans'][number]): string {
		const { seat, surface, screen } = corner.spot;
		const by = {
			seat: plan.stations.seat.rise + (plan.heights.seat ?? 0) - (seat ? seat.height - seat.give : 0),
			surface: plan.heights.surface - surface.height,
			feet: plan.stations.feet.rise,
			keys: plan.stations.keys.rise,
			screen: plan.stations.screen.rise + plan.heights.screenTopAboveBase - screen.topAboveBase
		};
		return list.format(
			thingsOfPlan(corner, plan).map((thing) =>
				t.ladder.thing(
					t.ladder.things[thing],
					formatLength(by[thing], unit, { locale: t.locale, signed: true })
				)
			)
		);
	}
	/** Checks worth a line: those that are not right before or after. */
	const shownChecks = (plan: PlanVisit['data']['plans'][number]) =>
		plan.after.flatMap((after) => {
			const before = visit.data.before.find(({ id }) => id === after.id) ?? null;
			return before?.verdict === 'fits' && after.verdict === 'fits' ? [] : [{ before, after }];
		});
</script>

<section class="mt-5" aria-labelledby="ladder">
	<h2 id="ladder" class="text-head">{t.ladder.title}</h2>
	<p class="text-ink-soft">{t.ladder.lead}</p>
	<ol class="mt-2">
		{#each rungs as { things, plan, place } (place)}
			<li class="rung" class:shown={place === visit.data.shown}>
				<p class="flex flex-wrap items-baseline justify-between gap-x-3">
					<span class="flex min-w-0 flex-1 items-baseline gap-3">
						<span class="number" aria-hidden="true">{things}</span>
						<span><span class="sr-only">{t.ladder.count(things)}: </span><strong>{asks(plan)}</strong></span>
					</span>
					{#if place === 0}<span class="badge">{t.ladder.suggested}</span>{/if}
				</p>
				<ul class="mt-1.5 text-note">
					{#each shownChecks(plan) as { before, after } (after.id)}
						{@const words = changeWords(before, after, t, unit)}
						<li class="flex flex-wrap items-center gap-x-3 py-0.5">
							<span class="w-24 font-semibold">{t.checks.names[after.id]}</span>
							<GapMark check={after} {before} {t} {unit} />
							<span class="min-w-36 flex-1">
								{#if words.was}<s class="text-ink-soft"
										><span class="sr-only">{t.ladder.was} </span>{words.was}</s
									> →
								{/if}{words.now}{#if words.isWorse}, <strong class="text-warm">{t.ladder.worse}</strong>{/if}
							</span>
						</li>
					{/each}
				</ul>
				<p class="no-print mt-1 text-note">
					{#if place === visit.data.worked}
						<span class="text-ink-soft">{t.plan.workingOn}</span>
					{:else if place === visit.data.shown}
						<span class="text-ink-soft">{t.ladder.isShown}</span>
					{:else}
						<a
							class="inline-flex min-h-6 items-center"
							href="{page.url.pathname}?plan={place + 1}"
							data-sveltekit-noscroll
							aria-label="{t.ladder.show}: {t.ladder.count(things)}">{t.ladder.show}</a
						>
					{/if}
				</p>
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
		box-shadow: inset 3px 0 0 var(--ink);
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
