<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { actSentence, sheetSentence, unjudgedSentence } from '$lib/ui/day-sheet/sheet-sentences';
	import { DaySheet } from '$lib/ui/day-sheet/day-sheet.svelte';
	import SheetAside from '$lib/ui/day-sheet/SheetAside.svelte';
	import SheetBatch from '$lib/ui/day-sheet/SheetBatch.svelte';
	import SheetRow from '$lib/ui/day-sheet/SheetRow.svelte';
	import TodaysActs from '$lib/ui/day-sheet/TodaysActs.svelte';
	import Totals from '$lib/ui/day-sheet/Totals.svelte';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data, form } = $props();

	const t = messagesFor();
	const shortcuts = useShortcuts();
	const day = new Intl.DateTimeFormat('en-GB', {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		timeZone: 'UTC'
	});
	const canAct = $derived(data.role === 'coordinator');
	const sheet = new DaySheet(() => data.sheet?.lines ?? []);

	$effect(() => sheet.loadBrief());
	$effect(() => sheet.focusWanted());
	$effect(() => shortcuts.add(sheet.keys(canAct)));

	const sentence = $derived(data.sheet ? sheetSentence(data.sheet) : '');
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	const told = $derived(form ? actSentence(form) : '');
</script>

<svelte:head><title>Day sheet · Easy Corner</title></svelte:head>

<main class="sheet-page">
	<div class="min-w-0">
		<h1 class="text-title">{day.format(new Date(`${data.today}T00:00:00Z`))}</h1>
		<p class="mt-1 text-lead text-ink-soft">{sentence}</p>
		{#if data.sheet && data.sheet.unjudged > 0}
			<p class="mt-2 border-l-4 border-cool bg-cool-wash px-3 py-1.5" role="status">
				{unjudgedSentence(data.sheet.unjudged)}
			</p>
		{/if}
		{#if data.totals}<Totals totals={data.totals} />{/if}
		<div role="status">
			{#if told}<p class="mt-3 border-l-4 border-cool bg-cool-wash px-3 py-1.5">{told}</p>
			{:else if fault}<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-1.5">{fault}</p>{/if}
		</div>
		<TodaysActs acts={data.acts} timeZone={data.timeZone} />
		<SheetBatch {sheet} />
		{#if data.sheet && sheet.lines.length === 0}
			<div class="mt-8 border-t border-ink pt-6">
				<p class="text-lead">The sheet is clear.</p>
				<p class="mt-1 text-ink-soft">Answers appear here as they come in, follow-ups on their day.</p>
				{#if canAct}<p class="mt-5">
						<a class="btn" href="/desk/people">Go to People <kbd class="key" aria-hidden="true">P</kbd></a>
					</p>{/if}
			</div>
		{/if}
		{#each sheet.groups as group (group.id)}
			<section class="group">
				<h2 class:text-warm={group.id === 'now' || group.id === 'clinician'}>{group.name}</h2>
				<p class="rule">{group.rule}</p>
				<ul>
					{#each group.lines as line (line.personId)}
						{@const index = sheet.inOrder.indexOf(line)}
						<SheetRow
							{line}
							{index}
							isHere={index === sheet.at}
							isTicked={sheet.ticked.has(line.personId)}
							{canAct}
							today={data.today}
							timeZone={data.timeZone}
							{t}
							unit={data.unit}
							form={sheet}
							choose={() => sheet.choose(index)}
							toggle={() => sheet.toggle(line.personId)}
							act={() => sheet.act(index)}
							acting={sheet.acting([line.personId])}
						/>
					{/each}
				</ul>
			</section>
		{/each}
		{#if data.sheet && data.sheet.total + data.sheet.toAcknowledge > data.sheet.lines.length}
			<p class="mt-4 text-note text-ink-soft">
				The first {data.sheet.lines.length} of {data.sheet.total + data.sheet.toAcknowledge} are shown; the rest
				move up as these are dealt with.
			</p>
		{/if}
	</div>
	<SheetAside {sheet} {t} unit={data.unit} today={data.today} {canAct} />
</main>

<style>
	.sheet-page {
		display: grid;
		gap: 1.75rem;
		padding: 1.25rem 1.5rem;
	}
	.group {
		margin-top: 1.1rem;
		border-top: 1.5px solid var(--ink);
	}
	.group h2 {
		padding-top: 0.45rem;
		font-size: var(--text-body);
	}
	.rule {
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	@media (min-width: 72rem) {
		.sheet-page:has(:global(.beside)) {
			grid-template-columns: minmax(0, 1fr) 23.5rem;
		}
	}
</style>
