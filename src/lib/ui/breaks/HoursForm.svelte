<script lang="ts">
	import type { BreakTexts } from '$lib/messages/breaks';
	import Select from '../platform/kit/Select.svelte';
	import { clockOptions } from './clock-words';
	import type { BreaksDay } from './breaks-day.svelte';

	let { visit, texts }: { visit: BreaksDay; texts: BreakTexts } = $props();

	const day = $derived(visit.day);
	const LUNCHES = [15, 30, 45, 60, 90];
</script>

<fieldset class="needs-js">
	<legend class="text-lead font-semibold">{texts.day.hoursLegend}</legend>
	<div class="fields">
		<Select
			name="from"
			label={texts.day.from}
			value={String(day.from)}
			options={clockOptions(5 * 60, 20 * 60)}
			onchange={(value) => visit.change({ from: Number(value), to: Math.max(day.to, Number(value) + 60) })}
		/>
		<Select
			name="to"
			label={texts.day.to}
			value={String(day.to)}
			options={clockOptions(day.from + 60, 24 * 60)}
			onchange={(value) => visit.change({ to: Number(value) })}
		/>
		<Select
			name="lunch"
			label={texts.day.lunch}
			value={day.lunch === null ? '' : String(day.lunch)}
			options={[{ value: '', words: texts.day.noLunch }, ...clockOptions(day.from, day.to)]}
			onchange={(value) => visit.change({ lunch: value === '' ? null : Number(value) })}
		/>
		{#if day.lunch !== null}
			<Select
				name="lunchTakes"
				label={texts.day.lunchTakes}
				value={String(day.lunchTakes)}
				options={LUNCHES.map((n) => ({ value: String(n), words: texts.hours(n) }))}
				onchange={(value) => visit.change({ lunchTakes: Number(value) })}
			/>
		{/if}
	</div>
</fieldset>

<style>
	.fields {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 0.75rem;
		margin-top: 0.5rem;
	}
</style>
