<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import type { Snippet } from 'svelte';

	interface Option {
		readonly value: string;
		readonly words: string;
	}

	interface Props {
		name: string;
		legend: string;
		options: readonly Option[];
		/** The chosen value; empty for none: nothing is preselected. */
		value: string;
		hint?: string;
		/** The same in English, below the legend, where nobody has reviewed the translation. */
		inEnglish?: string;
		isLegendHidden?: boolean;
		/** Full-width rows for thumbs, or side by side where there is room. */
		look?: 'rows' | 'wrap';
		disabled?: boolean;
		/** A small picture in front of each label. */
		picture?: Snippet<[value: string]>;
		onchange: (value: string) => void;
		/** Called for a choice by finger or mouse, never for arrow keys that only move through. */
		onpick?: (value: string) => void;
	}

	let {
		name,
		legend,
		options,
		value,
		hint = '',
		inEnglish = '',
		isLegendHidden = false,
		look = 'rows',
		disabled = false,
		picture,
		onchange,
		onpick = () => {}
	}: Props = $props();

	let byPointer = false;
</script>

<!-- Native radio buttons: a library's button that imitates one can't be chosen before scripts have loaded, nor posted by a form. The browser provides the keys, the group and the announcement of a radio group; the look is the kit's. -->
<fieldset class="kit-choices {look}" {disabled} aria-describedby={hint ? `${name}-hint` : undefined}>
	<legend class={isLegendHidden ? 'sr-only' : 'font-semibold'}
		>{legend}{#if inEnglish}<span lang="en" class="block text-note font-normal text-ink-soft"
				>{inEnglish}</span
			>{/if}</legend
	>
	{#if hint}<p id="{name}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
	<div
		class="options"
		onpointerdown={() => (byPointer = true)}
		onkeydown={() => (byPointer = false)}
		role="presentation"
	>
		{#each options as option (option.value)}
			<label class="kit-choice">
				<input
					type="radio"
					{name}
					value={option.value}
					checked={value === option.value}
					onchange={() => onchange(option.value)}
					onclick={() => byPointer && onpick(option.value)}
				/>
				{@render picture?.(option.value)}
				<span class="words">{option.words}</span>
				<Check class="tick" size={18} aria-hidden="true" />
			</label>
		{/each}
	</div>
</fieldset>
