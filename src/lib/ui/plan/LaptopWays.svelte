<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Corner } from '$lib/core/corner';
	import type { AskedThing } from '$lib/core/equipment';
	import { formatLength, type LengthUnit } from '$lib/core/length';
	import type { LaptopArrangements, Plan } from '$lib/core/plan';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import { isOffline } from '../kit/is-offline.svelte';
	import AskFor from './AskFor.svelte';

	interface Props {
		laptop: LaptopArrangements;
		corner: Corner;
		/** What has been asked for; null where nobody can ask here. */
		requests: readonly AskedThing[] | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { laptop, corner, requests, t, unit }: Props = $props();

	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });

	/** What an arrangement builds, in a few words. */
	function builds({ heights, stations }: Plan): string {
		const { seat } = corner.spot;
		const raised =
			heights.seat === null || !seat ? 0 : heights.seat + stations.seat.rise - (seat.height - seat.give);
		const parts = [
			...(raised > 0 ? [t.open.seatUp(length(raised))] : []),
			...(stations.feet.rise > 0 ? [t.open.feetUp(length(stations.feet.rise))] : []),
			...(stations.screen.rise > 0 ? [t.open.stack(length(stations.screen.rise))] : [])
		];
		const words = parts.length > 0 ? t.lists.and(parts) : t.open.nothingToBuild;
		return `${words.charAt(0).toLocaleUpperCase(t.locale)}${words.slice(1)}.`;
	}

	const ways = $derived([
		{
			id: 'withKeyboard',
			name: t.open.withKeyboard,
			how: t.open.withKeyboardHow,
			plan: laptop.withKeyboard
		},
		{ id: 'typing', name: t.open.typing, how: t.open.typingHow, plan: laptop.typing },
		{ id: 'reading', name: t.open.reading, how: t.open.readingHow, plan: laptop.reading }
	]);
</script>

<section class="mt-6" aria-labelledby="laptop-alone">
	<h2 id="laptop-alone" class="text-lead">{t.open.laptopTitle}</h2>
	<p class="text-note text-ink-soft">{t.open.laptop(laptop.spellMinutes)}</p>
	<ol class="mt-2 border-t border-rule">
		{#each ways as { id, name, how, plan }, i (id)}
			<li class="flex flex-wrap items-start justify-between gap-x-4 gap-y-2 border-b border-rule py-2">
				<span class="min-w-40 flex-1">
					<strong>{i + 1}. {name}</strong>
					<span class="block">{builds(plan)}</span>
					<span class="block text-note text-ink-soft">{how}</span>
				</span>
				{#if id === 'withKeyboard' && requests}
					<span class="no-print flex flex-wrap gap-2">
						<AskFor thing="keyboard-and-mouse" {requests} {t} />
						<form method="POST" action="?/arrived" use:enhance>
							<Button look="quiet" disabled={isOffline.current}>{t.open.arrived}</Button>
						</form>
					</span>
				{/if}
			</li>
		{/each}
	</ol>
</section>
