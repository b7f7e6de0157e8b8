<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import Ladder from './Ladder.svelte';
	import type { PlanVisit } from './plan-visit.svelte';

	interface Props {
		visit: PlanVisit;
		t: Catalogue;
	}

	let { visit, t }: Props = $props();

	const hrefOf = (place: number) => `/c/${visit.data.token}/plan?plan=${place + 1}`;
	/** Indexes of the offers that achieve the same with other items. */
	const others = $derived(visit.data.offers.flatMap(({ rung }, place) => (rung ? [] : [place])));
	const misfit = (place: number) => visit.data.offers[place]?.plan.cost.W ?? Infinity;
	const isReading = (place: number) => visit.data.offers[place]?.kind === 'reading';
	/** The offer that leaves least open, where that is less than with the recommended one: its extra changes are not worth the gain. */
	const closest = $derived(
		others.filter((place) => !isReading(place)).toSorted((a, b) => misfit(a) - misfit(b))[0] ?? 0
	);
	const isCloser = (place: number) => place === closest && misfit(place) < misfit(0);
	const hasLadder = $derived(visit.data.offers.some(({ rung }) => rung !== null));
	const hasOthers = $derived(hasLadder ? others.length > 0 : others.length > 1);
</script>

<!-- Fewer changes, or other items: in a fold, unless a plan other than the one in use is shown. -->
{#if hasLadder || hasOthers}
	<div class="no-print mt-6">
		<Disclosure words={t.ladder.title} isOpen={!visit.isWorked}>
			<LazyHydrate
				>{#if hasLadder}<Ladder
						corner={visit.data.corner}
						before={visit.data.before}
						offers={visit.data.offers}
						worked={visit.data.worked}
						shown={visit.data.shown}
						{hrefOf}
						workedWords={t.plan.workingOn}
						hasTitle={false}
						{t}
						unit={visit.data.unit}
					/>{/if}</LazyHydrate
			>
			{#if hasOthers}
				<nav
					class="no-print mt-4 flex flex-wrap items-center gap-2 text-note"
					aria-label={t.plan.alternatives}
				>
					{#each others as place, i (place)}
						<Button
							aria-current={place === visit.data.shown ? 'true' : undefined}
							href={hrefOf(place)}
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
		</Disclosure>
	</div>
{/if}
