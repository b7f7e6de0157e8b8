<script lang="ts">
	import { THING_CHOICES, type ThingChoice } from '$lib/core/answers';
	import type { HouseholdKind } from '$lib/core/corner';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import Disclosure from '../kit/Disclosure.svelte';
	import { pieceShape } from '../side-view/piece-shape';
	import LazyHydrate from '../lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		/** The number of each kind listed. */
		counts: Readonly<Partial<Record<HouseholdKind, number>>>;
		t: Catalogue;
	}

	let { counts, t }: Props = $props();

	/** What most homes have; the rest is in a fold. */
	const FIRST: readonly HouseholdKind[] = ['book', 'ream', 'sturdy-box', 'cushion', 'pillow', 'towel'];
	const first = FIRST.flatMap((kind) => THING_CHOICES.filter((item) => item.kind === kind));
	const more = THING_CHOICES.filter(({ kind }) => !FIRST.includes(kind));

	/** Drawings of household items, all to one scale: 1 px is 9 mm. */
	function drawing({ kind, size }: ThingChoice) {
		const width = Math.min(56, Math.max(24, size[0] / 9));
		const height = Math.min(30, Math.max(4, (kind === 'towel' || kind === 'blanket' ? 90 : size[2]) / 6));
		return pieceShape(kind, { x: (60 - width) / 2, y: 33 - height, width, height });
	}
</script>

{#snippet shelf(items: readonly ThingChoice[])}
	<div class="grid grid-cols-3 gap-2 sm:grid-cols-4">
		{#each items as item (item.kind)}
			{@const shape = drawing(item)}
			{@const count = counts[item.kind] ?? 0}
			<Button
				look="tile"
				class={count > 0 ? 'listed' : ''}
				name="add"
				value={item.kind}
				formaction="?/add"
				formnovalidate
				aria-label={t.things.add(t.things.names[item.kind])}
			>
				<svg width="60" height="34" aria-hidden="true">
					<path d={shape.outline} class="shape" /><path d={shape.detail} class="detail" />
				</svg>
				<span>{t.things.names[item.kind]}</span>
				{#if count > 0}<span class="count num">{count}</span>{/if}
			</Button>
		{/each}
	</div>
{/snippet}

<LazyHydrate>{@render shelf(first)}</LazyHydrate>
<Disclosure words={t.things.more}
	><LazyHydrate shows={() => counts}>{@render shelf(more)}</LazyHydrate></Disclosure
>

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
