<script lang="ts">
	import { onMount } from 'svelte';
	import { CHOICE_FIELDS } from '$lib/core/questionnaire/answers/fields';
	import type { Catalogue } from '$lib/messages/shapes';
	import { CSS_PX_PER_MM, storedScreenScale } from '../body/measuring/screen-scale';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import { deviceStorage } from './device-storage';
	import type { Draft } from './draft.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
		onpick: () => void;
	}

	let { draft, t, onpick }: Props = $props();

	/** Pixels per millimetre of this screen; a guess until calibrated with a card. */
	let scale = $state(CSS_PX_PER_MM);
	onMount(() => {
		scale = storedScreenScale(deviceStorage()) ?? CSS_PX_PER_MM;
	});
</script>

{#snippet letters(option: string)}
	{@const px = Number(option) * scale}
	{#if px > 0}
		<svg width={px * 3.2} height={px} viewBox="0 0 32 10" aria-hidden="true">
			{#each [0, 11, 22] as x (x)}<path d="M{x + 1} 0.5L{x + 9} 9.5M{x + 9} 0.5L{x + 1} 9.5" />{/each}
		</svg>
	{/if}
{/snippet}

<!-- Small letters of known size, to compare with the text read most. -->
<ChoiceRows
	name="letterSize"
	legend={t.fields.letterSize}
	hint={t.hints.letterSize ?? ''}
	look="wrap"
	options={CHOICE_FIELDS.letterSize.options.map((value) => ({ value, words: t.options.letterSize[value] }))}
	value={draft.answers.letterSize ?? ''}
	picture={letters}
	onchange={(value) => draft.set('letterSize', value)}
	{onpick}
/>

<style>
	path {
		fill: none;
		stroke: currentColor;
		stroke-width: 1.5;
	}
</style>
