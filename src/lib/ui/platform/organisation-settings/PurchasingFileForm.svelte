<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import { BOARD_COLUMNS } from '$lib/core/plan/equipment/board-columns';
	import {
		FIXED_COLUMN,
		MAX_PURCHASING_COLUMNS,
		PURCHASING_LENGTHS,
		type PurchasingContent
	} from '$lib/core/platform/organisation-settings/purchasing-file';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../kit/Button.svelte';
	import Select from '../kit/Select.svelte';
	import TextField from '../kit/TextField.svelte';
	import { withEntry, withMoved, withoutEntry, type SettingsDraft } from './settings-draft.svelte';

	const texts = deskWords.settings.purchasing;

	let { draft }: { draft: SettingsDraft<'purchasing-file'> } = $props();

	const columns = $derived(draft.settings.columns);
	/** Columns that aren't in the file; one that says the same in every row can be there many times. */
	const free = $derived<readonly PurchasingContent[]>([
		...BOARD_COLUMNS.filter((content) => !columns.some((one) => one.content === content)),
		FIXED_COLUMN
	]);
	let chosen = $state<string>(FIXED_COLUMN);
	const next = $derived<PurchasingContent>(free.find((one) => one === chosen) ?? FIXED_COLUMN);
	const add = () =>
		draft.change({
			columns: [
				...columns,
				{ content: next, heading: next === FIXED_COLUMN ? texts.newHeading : next, value: '' }
			]
		});
	let list = $state<HTMLElement>();
	/** Moves a column, and the focus with it: the next press moves the same one. */
	function move(from: number, to: number, button: 'up' | 'down'): void {
		draft.change({ columns: withMoved(columns, from, to) });
		requestAnimationFrame(() => {
			const buttons = list?.children[to]?.querySelectorAll<HTMLButtonElement>('button');
			const [up, down] = [buttons?.[0], buttons?.[1]];
			const wanted = button === 'up' ? up : down;
			(wanted?.disabled ? (button === 'up' ? down : up) : wanted)?.focus();
		});
	}
</script>

<ol class="border-t border-rule" bind:this={list}>
	{#each columns as column, i (i)}
		{@const content = texts.contents[column.content]}
		<li>
			<span class="no">{i + 1}</span>
			<div class="grow">
				<TextField
					name=""
					id="heading-{i}"
					label={texts.heading(content)}
					isLabelHidden
					size="desk"
					maxlength={PURCHASING_LENGTHS.heading}
					value={column.heading}
					oninput={(heading) => draft.change({ columns: withEntry(columns, i, { heading }) })}
				/>
			</div>
			<div class="grow">
				{#if column.content === FIXED_COLUMN}
					<TextField
						name=""
						id="value-{i}"
						label={texts.value(column.heading)}
						isLabelHidden
						size="desk"
						maxlength={PURCHASING_LENGTHS.value}
						value={column.value}
						oninput={(value) => draft.change({ columns: withEntry(columns, i, { value }) })}
					/>
				{:else}
					<span class="text-note text-ink-soft">{content}</span>
				{/if}
			</div>
			<Button
				type="button"
				size="desk"
				look="quiet"
				disabled={i === 0}
				aria-label={texts.up(column.heading)}
				onclick={() => move(i, i - 1, 'up')}><ArrowUp size={16} aria-hidden="true" /></Button
			>
			<Button
				type="button"
				size="desk"
				look="quiet"
				disabled={i === columns.length - 1}
				aria-label={texts.down(column.heading)}
				onclick={() => move(i, i + 1, 'down')}><ArrowDown size={16} aria-hidden="true" /></Button
			>
			<Button
				type="button"
				size="desk"
				look="quiet"
				disabled={columns.length === 1}
				aria-label={texts.remove(column.heading)}
				onclick={() => draft.change({ columns: withoutEntry(columns, i) })}>{texts.leaveOut}</Button
			>
		</li>
	{/each}
</ol>
<div class="mt-3 flex flex-wrap items-end gap-3 needs-js">
	<Select
		name=""
		id="another-column"
		label={texts.column}
		size="desk"
		value={next}
		options={free.map((value) => ({ value, words: texts.contents[value] }))}
		onchange={(value) => (chosen = value)}
	/>
	<Button type="button" size="desk" disabled={columns.length >= MAX_PURCHASING_COLUMNS} onclick={add}
		>{texts.add}</Button
	>
</div>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
		align-items: center;
		padding-block: 0.375rem;
		border-bottom: 1px solid var(--rule);
	}
	.no {
		width: 1.5rem;
		color: var(--ink-soft);
		font-variant-numeric: tabular-nums;
	}
	.grow {
		flex: 1 1 10rem;
		min-width: 0;
	}
</style>
