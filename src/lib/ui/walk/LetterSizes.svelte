<script lang="ts">
	import { onMount } from 'svelte';
	import { CHOICE_FIELDS, choiceOf } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import { CSS_PX_PER_MM, keptScreenScale } from '../measuring/screen-scale';
	import { deviceStorage } from './device-storage';
	import type { Draft } from './draft.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
	}

	let { draft, t }: Props = $props();

	/** Pixels to the millimetre of this screen; a guess until a card was held to it. */
	let scale = $state(CSS_PX_PER_MM);
	onMount(() => {
		scale = keptScreenScale(deviceStorage()) ?? CSS_PX_PER_MM;
	});
	const chosen = $derived(choiceOf(draft.answers, 'letterSize'));
</script>

<!-- Small letters of known size, to hold beside the text that is read most. -->
<fieldset class="pb-3" aria-describedby="letterSize-hint">
	<legend class="pt-3 font-semibold">{t.fields.letterSize}</legend>
	<p id="letterSize-hint" class="text-note text-ink-soft">{t.hints.letterSize}</p>
	<div class="mt-1.5 flex flex-wrap gap-2">
		{#each CHOICE_FIELDS.letterSize.options as option (option)}
			{@const px = Number(option) * scale}
			<label class="choice">
				<input
					type="radio"
					name="letterSize"
					value={option}
					checked={chosen === option}
					onchange={() => draft.set('letterSize', option)}
				/>
				<span class="flex items-center gap-2">
					{#if px > 0}
						<svg width={px * 3.2} height={px} viewBox="0 0 32 10" aria-hidden="true">
							{#each [0, 11, 22] as x (x)}<path d="M{x + 1} 0.5L{x + 9} 9.5M{x + 9} 0.5L{x + 1} 9.5" />{/each}
						</svg>
					{/if}
					{t.options.letterSize[option]}
				</span>
			</label>
		{/each}
	</div>
</fieldset>

<style>
	path {
		fill: none;
		stroke: currentColor;
		stroke-width: 1.5;
	}
</style>
