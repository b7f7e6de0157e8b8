<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import FileField from '../platform/kit/FileField.svelte';
	import Select from '../platform/kit/Select.svelte';
	import { clockOptions, clockWords } from './clock-words';
	import type { BreaksDay } from './breaks-day.svelte';

	let { visit, texts }: { visit: BreaksDay; texts: BreakTexts } = $props();

	/** A larger file is not one person's calendar, bytes. */
	const LARGEST = 20 * 1024 * 1024;
	const LENGTHS = [15, 30, 45, 60, 90, 120];
	/** One tap adds two meetings and a call at usual times. */
	const TYPICAL = [
		{ from: 10 * 60, to: 10 * 60 + 30, isCall: false, title: '' },
		{ from: 11 * 60 + 30, to: 12 * 60, isCall: true, title: '' },
		{ from: 14 * 60, to: 15 * 60, isCall: false, title: '' }
	];

	let told = $state('');
	let at = $state(String(10 * 60));
	let takes = $state('30');
	let isCall = $state(false);

	const meetings = $derived(visit.meetingsOn(visit.today));
	const hasCall = $derived(meetings.some((one) => one.isCall));
	const words = (one: { from: number; to: number; isCall: boolean; title: string }) =>
		`${clockWords(one.from)}–${clockWords(one.to)} ${one.title || (one.isCall ? texts.day.aCall : texts.day.meeting)}`;

	async function read(file: File | undefined) {
		if (!file) return;
		told = '';
		const text = file.size > LARGEST ? '' : await file.text();
		// Only people with a file need the code that reads one.
		const { readBusyEntries } = await import('$lib/core/breaks/calendar-file');
		const zone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
		const found = readBusyEntries(text, visit.today as CivilDate, zone);
		if (found === null) told = texts.day.fileBad;
		else if (found.length === 0) told = texts.day.fileNone;
		else {
			told = texts.day.fileRead(found.length);
			visit.change({ busy: found, busyOn: visit.today });
		}
	}

	function add() {
		const from = Number(at);
		const busy = [...meetings, { from, to: Math.min(from + Number(takes), 24 * 60), isCall, title: '' }];
		visit.change({ busy: busy.sort((a, b) => a.from - b.from) });
	}
</script>

<fieldset class="needs-js">
	<legend class="text-lead font-semibold">{texts.day.meetings}</legend>
	<div class="mt-2 flex flex-wrap gap-3">
		<Button type="button" onclick={() => visit.change({ busy: TYPICAL, busyOn: '' })}
			>{texts.day.typical}</Button
		>
		{#if meetings.length > 0}
			<Button type="button" look="quiet" onclick={() => visit.change({ busy: [], busyOn: '' })}
				>{texts.day.clear}</Button
			>
		{/if}
	</div>
	<div class="mt-3">
		<FileField
			name="calendar"
			label={texts.day.file}
			hint={texts.day.fileHint}
			accept=".ics,text/calendar"
			onchange={(file) => void read(file)}
		/>
		<p role="status" class="min-h-6 text-note">{told}</p>
	</div>
	{#if meetings.length > 0}
		<ul class="mt-1">
			{#each meetings as one, i (`${one.from} ${one.to} ${i}`)}
				<li class="flex items-center justify-between gap-3 border-t border-rule">
					<span class="min-w-0 truncate">{words(one)}</span>
					<Button
						type="button"
						look="quiet"
						isIcon
						aria-label={texts.day.remove(words(one))}
						onclick={() => visit.change({ busy: meetings.filter((other) => other !== one) })}
						><X size={18} aria-hidden="true" /></Button
					>
				</li>
			{/each}
		</ul>
	{/if}
	<div class="fields">
		<Select
			name="at"
			label={texts.day.at}
			value={at}
			options={clockOptions(visit.day.from, visit.day.to)}
			onchange={(value) => (at = value)}
		/>
		<Select
			name="takes"
			label={texts.day.takes}
			value={takes}
			options={LENGTHS.map((n) => ({ value: String(n), words: texts.hours(n) }))}
			onchange={(value) => (takes = value)}
		/>
		<CheckBox words={texts.day.call} isChecked={isCall} onchange={(is) => (isCall = is)} />
		<Button type="button" onclick={add}>{texts.day.add}</Button>
	</div>
	{#if hasCall && !visit.isSeated}
		<div class="mt-2">
			<CheckBox
				words={texts.day.walkCalls}
				look="switch"
				isChecked={visit.day.walksCalls}
				onchange={(walksCalls) => visit.change({ walksCalls })}
			/>
		</div>
	{/if}
</fieldset>

<style>
	.fields {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		align-items: end;
		gap: 0.75rem;
		margin-top: 0.75rem;
	}
</style>
