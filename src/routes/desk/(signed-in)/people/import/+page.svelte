<script lang="ts">
	import Papa from 'papaparse';
	import {
		guessColumns,
		readRoster,
		ROSTER_FIELDS,
		textOfBytes,
		type ColumnMap,
		type RosterFault,
		type RosterField
	} from '$lib/core/exchange';
	import type { ImportReport } from '$lib/server/people/import-people';

	const NAMES: Readonly<Record<RosterField, string>> = {
		name: 'Name',
		email: 'E-mail address',
		team: 'Team',
		country: 'Country',
		timeZone: 'Time zone',
		language: 'Language'
	};
	const FAULTS: Readonly<Record<RosterFault['code'], (fault: RosterFault) => string>> = {
		missing: () => 'is missing. Fill it in.',
		'no-address': ({ text }) => `“${text}” is no e-mail address.`,
		twice: ({ text, first }) => `“${text}” stands in line ${first ?? 0} already. Keep one of them.`,
		'too-long': ({ text }) => `“${text} …” is longer than 200 characters.`,
		'no-country': ({ text }) => `“${text}” is no country code. Write two letters, such as PT.`,
		'no-time-zone': ({ text }) => `“${text}” is no time zone. Write it such as Europe/Lisbon.`,
		'no-language': ({ text }) => `“${text}” is no language code. Write it such as en.`
	};
	/** Faults shown before they are mended one after the other. */
	const SHOWN = 50;

	let file = $state<{ name: string; encoding: string; delimiter: string } | null>(null);
	let headings = $state.raw<readonly string[]>([]);
	let lines = $state.raw<readonly string[][]>([]);
	let columns = $state<Record<RosterField, number | null>>({
		name: null,
		email: null,
		team: null,
		country: null,
		timeZone: null,
		language: null
	});
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
		columns = { ...guessColumns(headings, lines) } satisfies ColumnMap;
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
					>{NAMES[field]}{field === 'name' || field === 'email' ? ', needed' : ''}
					<select class="field mt-0.5" bind:value={columns[field]} onchange={() => (report = null)}>
						<option value={null}>not in this file</option>
						{#each headings as heading, i (i)}<option value={i}>{heading || `Column ${i + 1}`}</option>{/each}
					</select>
				</label>
			{/each}
		</div>
		{#if checked && checked.people.length > 0}
			<h2 class="mt-6 text-head">As it would be read</h2>
			<!-- A table that scrolls sideways must be reachable by keys (WCAG 2.1.1). -->
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="overflow-x-auto" role="region" aria-label="The first lines" tabindex="0">
				<table class="mt-2 w-full text-note">
					<thead>
						<tr class="border-b-[1.5px] border-ink text-left">
							<th class="py-1 pr-3">Line</th>
							{#each ROSTER_FIELDS as field (field)}<th class="py-1 pr-3">{NAMES[field]}</th>{/each}
						</tr>
					</thead>
					<tbody>
						{#each checked.people.slice(0, 5) as person, i (i)}
							<tr class="border-b border-rule">
								<td class="num py-1 pr-3">{i + 1}</td>
								{#each ROSTER_FIELDS as field (field)}<td class="py-1 pr-3">{person[field]}</td>{/each}
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		{/if}
		{#if faults.length > 0}
			<section class="mt-6 border-l-4 border-warm bg-warm-wash px-4 py-3">
				<h2 class="text-lead">
					{faults.length === 1 ? 'One thing has' : `${faults.length} things have`} to be mended in the file
				</h2>
				<p class="text-note">Nothing is taken in as long as one is left.</p>
				<ul class="mt-2 text-note">
					{#each faults.slice(0, SHOWN) as fault, i (i)}
						<li>
							<span class="font-semibold">Line {fault.line}, {NAMES[fault.field].toLowerCase()}</span>
							{FAULTS[fault.code](fault)}
						</li>
					{/each}
				</ul>
				{#if faults.length > SHOWN}<p class="mt-1 text-note">and {faults.length - SHOWN} more.</p>{/if}
			</section>
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
