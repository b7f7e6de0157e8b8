<script lang="ts">
	import type { Page } from '$lib/core/answers';
	import { factsOf } from '$lib/core/conditions';
	import type { Corner } from '$lib/core/corner';
	import type { DeskThing } from '$lib/core/desk';
	import type { Catalogue } from '$lib/messages';
	import { wordsFor } from '$lib/messages/words-for';
	import DeskFromAbove from '../desk/DeskFromAbove.svelte';
	import { deskOf } from '../desk/desk-of';

	interface Props {
		page: Page;
		corner: Corner;
		t: Catalogue;
	}

	let { page, corner, t }: Props = $props();

	/** What each station looks at, seen from above. */
	const THINGS: Readonly<Partial<Record<Page, readonly DeskThing[]>>> = {
		spot: [],
		mouse: ['phone'],
		light: ['papers', 'lamp', 'phone']
	};

	const things = $derived(THINGS[page]);
	const words = $derived(wordsFor(t.look[page] ?? '', factsOf(corner)));
</script>

{#if things}
	<figure class="mt-3 border border-rule bg-sheet">
		<DeskFromAbove
			layout={deskOf(corner, things)}
			deskDepth={corner.spot.surface.depth}
			hand={corner.person.hand}
			label={words}
			showsWindow={page === 'spot'}
			{t}
		/>
		<figcaption class="border-t border-rule px-3 py-1.5 text-note text-ink-soft">{words}</figcaption>
	</figure>
{/if}
