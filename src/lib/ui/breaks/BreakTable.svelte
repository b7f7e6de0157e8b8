<script lang="ts">
	import { endsSitting } from '$lib/core/breaks/break-schedules';
	import type { PlannedBreak } from '$lib/core/breaks/day-plan';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import { clockWords } from './clock-words';
	import { breakKindWords } from './break-words';
	import type { BreaksDay } from './breaks-day.svelte';

	interface Props {
		visit: BreaksDay;
		/** Whether the place also changes at short breaks. */
		changesOften: boolean;
		texts: BreakTexts;
	}

	let { visit, changesOften, texts }: Props = $props();

	const plan = $derived(visit.plan);
	const hasPlaces = $derived(new Set(plan.work.map(({ place }) => place.number)).size > 1);
	const placeAfter = (minute: number) => {
		const work = plan.work.find(({ from }) => from >= minute);
		return work ? texts.day.places[work.place.posture](work.place.number) : '';
	};
</script>

{#snippet table(breaks: readonly PlannedBreak[], hasPlaces: boolean)}
	<table class="mt-3 w-full max-w-xl">
		<thead>
			<tr class="border-b border-ink text-start text-note">
				<th class="py-1 font-semibold">{texts.day.time}</th>
				<th class="py-1 font-semibold">{texts.day.what}</th>
				{#if hasPlaces}<th class="py-1 font-semibold">{texts.day.place}</th>{/if}
			</tr>
		</thead>
		<tbody>
			{#each breaks as one (`${one.kind} ${one.from}`)}
				<tr class="border-b border-rule">
					<td class="num py-1 pe-3">{clockWords(one.from)}</td>
					<td class="py-1 pe-3">{breakKindWords(texts, one.kind, visit.isSeated)}</td>
					{#if hasPlaces}<td class="py-1">{endsSitting(one.kind) ? placeAfter(one.to) : ''}</td>{/if}
				</tr>
			{/each}
		</tbody>
	</table>
{/snippet}

{@render table(visit.real, hasPlaces)}
{#if visit.small.length > 0}
	<Disclosure words={texts.day.showSmall(visit.small.length)} look="inline">
		{@render table(visit.small, hasPlaces && changesOften)}
	</Disclosure>
{/if}
