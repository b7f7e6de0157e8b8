<script lang="ts">
	import type { ThingChoice } from '$lib/core/questionnaire/answers/household-things';
	import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
	import {
		ownThingCode,
		type HouseholdOffer
	} from '$lib/core/platform/organisation-settings/household-items';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import { pieceShape } from '../workstation/side-view/piece-shape';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		/** The number listed of each, by its code. */
		counts: Readonly<Partial<Record<string, number>>>;
		offer: HouseholdOffer;
		t: Catalogue;
	}

	let { counts, offer, t }: Props = $props();

	/** What most homes have; the rest is in a fold. */
	const FIRST: readonly HouseholdKind[] = ['book', 'ream', 'sturdy-box', 'cushion', 'pillow', 'towel'];
	interface Tile extends ThingChoice {
		readonly code: string;
		readonly name: string;
	}
	const tileOf = (item: ThingChoice): Tile => ({ ...item, code: item.kind, name: t.things.names[item.kind] });
	const first = $derived([
		...FIRST.flatMap((kind) => offer.kinds.filter((item) => item.kind === kind)).map(tileOf),
		...offer.own.map((item): Tile => ({ ...item, code: ownThingCode(item.id) }))
	]);
	const more = $derived(offer.kinds.filter(({ kind }) => !FIRST.includes(kind)).map(tileOf));

	/** Drawings of household items, all to one scale: 1 px is 9 mm. */
	function drawing({ kind, size }: ThingChoice) {
		const width = Math.min(56, Math.max(24, size[0] / 9));
		const height = Math.min(30, Math.max(4, (kind === 'towel' || kind === 'blanket' ? 90 : size[2]) / 6));
		return pieceShape(kind, { x: (60 - width) / 2, y: 33 - height, width, height });
	}
</script>

{#snippet shelf(items: readonly Tile[])}
	<div class="grid grid-cols-3 gap-2 sm:grid-cols-4">
		{#each items as item (item.code)}
			{@const shape = drawing(item)}
			{@const count = counts[item.code] ?? 0}
			<Button
				look="tile"
				class={count > 0 ? 'listed' : ''}
				name="add"
				value={item.code}
				formaction="?/add"
				formnovalidate
				aria-label={t.things.add(item.name)}
			>
				<svg width="60" height="34" aria-hidden="true">
					<path d={shape.outline} class="shape" /><path d={shape.detail} class="detail" />
				</svg>
				<span>{item.name}</span>
				{#if count > 0}<span class="count num">{count}</span>{/if}
			</Button>
		{/each}
	</div>
{/snippet}

<LazyHydrate>{@render shelf(first)}</LazyHydrate>
{#if more.length > 0}
	<Disclosure words={t.things.more}
		><LazyHydrate shows={() => counts}
			>{#if more.length > 0}{@render shelf(more)}{/if}</LazyHydrate
		></Disclosure
	>
{/if}

<style>
	.count {
		position: absolute;
		top: 0.25rem;
		inset-inline-end: 0.375rem;
		font-weight: 700;
		color: var(--cool);
	}
	.shape {
		fill: var(--warm-wash);
		stroke: var(--warm);
		stroke-width: 1.2;
	}
	.detail {
		fill: none;
		stroke: var(--warm);
		stroke-width: 0.8;
	}
</style>
