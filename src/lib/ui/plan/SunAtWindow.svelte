<script lang="ts">
	import { formatDegrees } from '$lib/core/body/length/format-degrees';
	import type { MinuteRange } from '$lib/core/body/light/sun-hours';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { SunView } from '$lib/messages/advice/sun-view';

	interface Props {
		sun: SunView;
		t: Catalogue;
	}

	let { sun, t }: Props = $props();

	const spells = (of: readonly MinuteRange[]) =>
		of.map(([from, to]) => `${t.dates.minutes(from)} – ${t.dates.minutes(to)}`).join(', ') || t.light.none;
	const sunny = $derived(sun.months?.filter(({ face, screen }) => face.length + screen.length > 0) ?? []);
</script>

<section class="mt-6">
	<h2 class="text-lead">{t.light.title}</h2>
	<p>
		{t.light.angle(formatDegrees(sun.angle.angleDeg))}
		{sun.angle.state === 'side' ? t.light.side : t.light.turn(formatDegrees(sun.angle.turnDeg))}
	</p>
	{#if sun.months && sunny.length === 0}
		<p>{t.light.never} <span class="text-note text-ink-soft">{t.light.assumed}</span></p>
	{:else if sunny.length > 0}
		<p class="mt-1">{t.light.sunLead} <span class="text-note text-ink-soft">{t.light.assumed}</span></p>
		<div class="overflow-x-auto">
			<table class="mt-1 w-full text-note">
				<thead>
					<tr class="border-b border-rule text-start">
						<th class="py-1 pe-3 font-semibold" scope="col">{t.light.month}</th>
						<th class="py-1 pe-3 font-semibold" scope="col">{t.light.face}</th>
						<th class="py-1 font-semibold" scope="col">{t.light.screen}</th>
					</tr>
				</thead>
				<tbody>
					{#each sunny as { month, face, screen } (month)}
						<tr class="border-b border-rule">
							<th class="py-1 pe-3 text-start font-normal" scope="row">{t.dates.month(month)}</th>
							<td class="num py-1 pe-3">{spells(face)}</td>
							<td class="num py-1">{spells(screen)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
</section>
