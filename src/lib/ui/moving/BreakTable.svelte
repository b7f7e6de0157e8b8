<script lang="ts">
	import type { DayPlan } from '$lib/core/moving';
	import type { Catalogue } from '$lib/messages';
	import Disclosure from '../kit/Disclosure.svelte';
	import { clockWords } from './clock-words';

	interface Props {
		plan: DayPlan;
		isInWheelchair: boolean;
		t: Catalogue;
	}

	let { plan, isInWheelchair, t }: Props = $props();

	const kind = (of: DayPlan['breaks'][number]['kind']) =>
		of === 'up' && isInWheelchair ? t.moving.shiftWeight : t.moving.kinds[of];
	const hasPlaces = $derived(new Set(plan.work.map(({ place }) => place.number)).size > 1);
	const placeAfter = (minute: number) => {
		const work = plan.work.find(({ from }) => from >= minute);
		return work ? t.moving.day.places[work.place.posture](work.place.number) : '';
	};
</script>

<Disclosure words="{t.moving.day.breaks} ({plan.breaks.length})" look="inline">
	<table class="mt-1 w-full">
		<thead>
			<tr class="border-b border-ink text-left text-note">
				<th class="py-1 font-semibold">{t.moving.day.time}</th>
				<th class="py-1 font-semibold">{t.moving.day.what}</th>
				{#if hasPlaces}<th class="py-1 font-semibold">{t.moving.day.place}</th>{/if}
			</tr>
		</thead>
		<tbody>
			{#each plan.breaks as one (`${one.kind} ${one.from}`)}
				<tr class="border-b border-rule">
					<td class="num py-1 pr-3">{clockWords(one.from)}</td>
					<td class="py-1 pr-3">{kind(one.kind)}</td>
					{#if hasPlaces}<td class="py-1">{one.kind === 'up' ? placeAfter(one.to) : ''}</td>{/if}
				</tr>
			{/each}
		</tbody>
	</table>
</Disclosure>
