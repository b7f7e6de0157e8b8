<script lang="ts">
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { LaptopArrangements } from '$lib/core/plan/laptop';
	import { cornerWithKeyboard } from '$lib/core/plan/purchases';
	import type { Snippet } from 'svelte';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import { planAsksForChanges } from './plan-asks';

	interface Props {
		laptop: LaptopArrangements;
		corner: Corner;
		/** URL of the arrangement for reading with its steps; null where it is only described. */
		readingHref?: string | null;
		/** How to get a keyboard and mouse, where the page doesn't begin with it. */
		asking?: Snippet | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { laptop, corner, asking = null, readingHref = null, t, unit }: Props = $props();

	const ways = $derived([
		{
			id: 'withKeyboard',
			name: t.open.withKeyboard,
			how: t.open.withKeyboardHow,
			plan: laptop.withKeyboard,
			at: cornerWithKeyboard(corner)
		},
		{ id: 'typing', name: t.open.typing, how: t.open.typingHow, plan: laptop.typing, at: corner },
		{ id: 'reading', name: t.open.reading, how: t.open.readingHow, plan: laptop.reading, at: corner }
	]);
</script>

<section class="mt-6" aria-labelledby="laptop-alone">
	<h2 id="laptop-alone" class="text-lead">{t.open.laptopTitle}</h2>
	<p class="text-note text-ink-soft">{t.open.laptop(laptop.spellMinutes)}</p>
	<ol class="mt-2 border-t border-rule">
		{#each ways as { id, name, how, plan, at }, i (id)}
			<li class="flex flex-wrap items-start justify-between gap-x-4 gap-y-2 border-b border-rule py-2">
				<span class="min-w-40 flex-1">
					<strong>{i + 1}. {name}</strong>
					<span class="block">{planAsksForChanges(at, plan, t, unit) || t.open.nothingToBuild}</span>
					<span class="block text-note text-ink-soft">{how}</span>
				</span>
				{#if id === 'withKeyboard'}{@render asking?.()}{/if}
				{#if id === 'reading' && readingHref}
					<Button class="no-print" href={readingHref} aria-label={t.lists.of(t.ladder.show, name)}
						>{t.ladder.show}</Button
					>
				{/if}
			</li>
		{/each}
	</ol>
</section>
