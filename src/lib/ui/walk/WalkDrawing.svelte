<script lang="ts">
	import type { PartialCorner } from '$lib/core/answers';
	import type { LengthUnit } from '$lib/core/length';
	import { sectionOf, type DrawnAs } from '$lib/core/section';
	import type { Catalogue } from '$lib/messages';
	import CheckTable from '../plan/CheckTable.svelte';
	import SectionDrawing from '../section/SectionDrawing.svelte';

	interface Props {
		partial: PartialCorner;
		drawnAs: DrawnAs;
		unit: LengthUnit;
		t: Catalogue;
	}

	let { partial, drawnAs, unit, t }: Props = $props();

	const section = $derived(sectionOf(partial.corner, null, null, drawnAs));
</script>

<aside class="drawing">
	<SectionDrawing {section} all={[section]} {t} {unit} mostHeight={520} isLive />
	{#if partial.checks.length > 0}
		<div class="mt-2">
			<CheckTable checks={partial.checks} certainty={section.certainty} {t} {unit} isLive />
		</div>
	{/if}
</aside>

<style>
	.drawing {
		margin-top: 2rem;
		padding: 0.75rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	@media (min-width: 62rem) {
		.drawing {
			position: sticky;
			top: 1.5rem;
			align-self: start;
			margin-top: 0;
			padding: 1rem;
		}
	}
</style>
