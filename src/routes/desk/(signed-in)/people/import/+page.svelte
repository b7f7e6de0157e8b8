<script lang="ts">
	import Papa from 'papaparse';
	import { guessColumns, readRoster, ROSTER_FIELDS, textOfBytes, type RosterField } from '$lib/core/exchange';
	import { FIELD_NAMES } from '$lib/ui/people/roster-words';
	import RosterFaults from '$lib/ui/people/RosterFaults.svelte';
	import RosterPreview from '$lib/ui/people/RosterPreview.svelte';
	import type { ImportReport } from '$lib/server/people/import-people';

	let file = $state<{ name: string; encoding: string; delimiter: string } | null>(null);
	let headings = $state.raw<readonly string[]>([]);
	let lines = $state.raw<readonly string[][]>([]);
	let columns = $state<Record<RosterField, number | null>>({ ...guessColumns([], []) });
	let hasHeadings = $state(true);
	let table = $state.raw<readonly string[][]>([]);
	let trouble = $state('');
	let report = $state.raw<ImportReport | null>(null);
	let isBusy = $state(false);

	const isMapped = $derived(columns.name !== null && columns.email !== null);
	const checked = $derived(isMapped ? readRoster(lines, columns) : null);
	const faults = $derived(checked?.faults ?? []);

	async function open(chosen: File | undefined) {
		trouble = '';
		report = null;
		if (!chosen) return;
		const { text, encoding } = textOfBytes(new Uint8Array(await chosen.arrayBuffer()));
		const { data, meta } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
		if (data.length === 0) {
			trouble = `${chosen.name} holds no table. Save it as CSV from your spreadsheet, then choose it again.`;
			return;
		}
		file = {
			name: chosen.name,
			encoding,
			delimiter: { ',': 'comma', ';': 'semicolon', '\t': 'tab', '|': 'bar' }[meta.delimiter] ?? meta.delimiter
		};
		table = data;
		hasHeadings = !(data[0] ?? []).some((cell) => /@.+\./.test(cell));
		arrange();
	}

	/** Takes the first line as headings or as a person, and guesses the columns anew. */
	function arrange() {
		const first = table[0] ?? [];
		headings = hasHeadings ? first : first.map((_, i) => `Column ${i + 1}`);
		lines = hasHeadings ? table.slice(1) : table;
		columns = { ...guessColumns(headings, lines) };
		report = null;
	}

	async function send(apply: boolean) {
		isBusy = true;
		trouble = '';
		const response = await fetch('/desk/people/import', {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ lines, columns, apply })
		}).catch(() => null);
		isBusy = false;
		if (!response) {
			trouble = 'The server could not be reached. Nothing was taken in: try again.';
			return;
		}
		const body: unknown = await response.json();
		if (response.ok) report = body as ImportReport;
		else trouble = (body as { message: string }).message;
	}

	const people = (n: number) => (n === 1 ? '1 person' : `${n} people`);
</script>

<svelte:head><title>Import people · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-5xl px-6 py-6">
	<p class="text-note"><a href="/desk/people">People</a></p>
	<h1 class="mt-1 text-title">Import a list</h1>
	<p class="mt-1 max-w-prose text-ink-soft">
		A CSV file with a line for each person. Delimiter and encoding are found; you look at what it would do
		before anything is taken in. The same file again makes nobody twice: people are known by their address.
	</p>
	<label class="mt-5 block font-semibold"
		>File
		<input
			class="field mt-1 max-w-md"
			type="file"
			accept=".csv,.tsv,.txt,text/csv"
			onchange={(event) => void open(event.currentTarget.files?.[0])}
		/>
	</label>
	<div role="alert">
		{#if trouble}<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-2">{trouble}</p>{/if}
	</div>

	{#if file && !report?.isApplied}
		<p class="mt-4 text-note">
			{file.name}: {people(lines.length)}, apart by {file.delimiter}, {file.encoding}.
			<label class="ml-3 inline-flex items-center gap-2"
				><input type="checkbox" bind:checked={hasHeadings} onchange={arrange} /> The first line is headings</label
			>
		</p>
		<h2 class="mt-5 text-head">Which column is which</h2>
		<div class="mt-2 grid gap-3 sm:grid-cols-3">
			{#each ROSTER_FIELDS as field (field)}
				<label class="text-note"
					>{FIELD_NAMES[field]}{field === 'name' || field === 'email' ? ', needed' : ''}
					<select class="field mt-0.5" bind:value={columns[field]} onchange={() => (report = null)}>
						<option value={null}>not in this file</option>
						{#each headings as heading, i (i)}<option value={i}>{heading || `Column ${i + 1}`}</option>{/each}
					</select>
				</label>
			{/each}
		</div>
		{#if checked && checked.people.length > 0}
			<h2 class="mt-6 text-head">As it would be read</h2>
			<RosterPreview people={checked.people} />
		{/if}
		{#if faults.length > 0}
			<RosterFaults {faults} />
		{:else if isMapped}
			<div class="mt-6 flex flex-wrap items-center gap-4">
				{#if report}
					<p role="status">
						It adds {people(report.added)}, changes {report.changed}, and leaves {report.same} as they are.
						{#if report.unknownCountries.length > 0}Holidays are not known for {report.unknownCountries.join(
								', '
							)}: dates there skip weekends only.{/if}
					</p>
					<button class="btn btn-main" disabled={isBusy} onclick={() => void send(true)}>Take them in</button>
				{:else}
					<button class="btn btn-main" disabled={isBusy} onclick={() => void send(false)}
						>See what it would do</button
					>
				{/if}
			</div>
		{:else}
			<p class="mt-6">Choose the columns of name and address first.</p>
		{/if}
	{/if}
	{#if report?.isApplied}
		<p class="mt-6 border-l-4 border-cool bg-cool-wash px-4 py-3" role="status">
			Taken in: {people(report.added)} added, {report.changed} changed, {report.same} as they were.
			<a href="/desk/people">Go to People</a>
		</p>
	{/if}
</main>
