<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { Combobox } from 'bits-ui';
	import Field from './Field.svelte';

	interface Props {
		id?: string;
		name: string;
		label: string;
		value: string;
		options: readonly { readonly value: string; readonly words: string }[];
		hint?: string;
		size?: 'desk' | 'hand';
		/** Shown where nothing matches what was typed. */
		noneWords: string;
		/** Shown where more match than the list holds. */
		moreWords?: string;
		disabled?: boolean;
		onchange?: (value: string) => void;
	}

	let {
		name,
		id = name,
		label,
		value,
		options,
		hint = '',
		size = 'hand',
		noneWords,
		moreWords = '',
		disabled = false,
		onchange = () => {}
	}: Props = $props();

	/** Whether scripts have loaded: until then the browser's own list is in the same place. */
	let isTaken = $state(false);
	let typed = $state('');
	$effect(() => void (isTaken = true));
	const wordsOf = (of: string) => options.find((option) => option.value === of)?.words ?? '';
	/** A longer list would make typing slow, and nobody reads it. */
	const MOST_SHOWN = 40;
	const matching = $derived(
		typed.trim() === ''
			? options
			: options.filter(({ words }) => words.toLowerCase().includes(typed.trim().toLowerCase()))
	);
</script>

<Field {id} {label} {hint}>
	{#snippet children({ describedBy })}
		{#if !isTaken}
			<div class="kit-select {size}">
				<select
					class="kit-input {size}"
					{id}
					{name}
					{value}
					{disabled}
					aria-describedby={describedBy}
					onchange={(event) => onchange(event.currentTarget.value)}
				>
					{#each options as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
				</select>
				<ChevronDown class="arrow" size={18} aria-hidden="true" />
			</div>
		{:else}
			<Combobox.Root
				type="single"
				{name}
				{value}
				{disabled}
				inputValue={wordsOf(value)}
				onValueChange={(chosen) => chosen && onchange(chosen)}
				onOpenChange={(isOpen) => isOpen || (typed = '')}
			>
				<div class="kit-select {size}">
					<Combobox.Input
						{id}
						class="kit-input {size}"
						aria-describedby={describedBy}
						oninput={(event) => (typed = event.currentTarget.value)}
					/>
					<Combobox.Trigger class="kit-open" aria-label={label}>
						<ChevronDown size={18} aria-hidden="true" />
					</Combobox.Trigger>
				</div>
				<Combobox.Portal>
					<Combobox.Content class="kit-list" sideOffset={4}>
						<Combobox.Viewport>
							{#each matching.slice(0, MOST_SHOWN) as option (option.value)}
								<Combobox.Item value={option.value} label={option.words} class="kit-item">
									{#snippet children({ selected })}
										<span>{option.words}</span>
										{#if selected}<Check size={16} aria-hidden="true" />{/if}
									{/snippet}
								</Combobox.Item>
							{:else}
								<p class="px-3 py-2 text-ink-soft">{noneWords}</p>
							{/each}
							{#if matching.length > MOST_SHOWN && moreWords}
								<p class="px-3 py-2 text-note text-ink-soft">{moreWords}</p>
							{/if}
						</Combobox.Viewport>
					</Combobox.Content>
				</Combobox.Portal>
			</Combobox.Root>
		{/if}
	{/snippet}
</Field>
