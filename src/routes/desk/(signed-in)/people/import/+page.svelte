<script lang="ts">
	import { onDestroy } from 'svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import CheckBox from '$lib/ui/kit/CheckBox.svelte';
	import FileField from '$lib/ui/kit/FileField.svelte';
	import { RosterImport } from '$lib/ui/people/roster-import.svelte';
	import RosterColumns from '$lib/ui/people/RosterColumns.svelte';
	import RosterComparison from '$lib/ui/people/RosterComparison.svelte';
	import RosterFaults from '$lib/ui/people/RosterFaults.svelte';
	import RosterPreview from '$lib/ui/people/RosterPreview.svelte';

	let { data } = $props();

	const list = new RosterImport(() => data.mappings);
	onDestroy(list.end);

	const people = (n: number) => (n === 1 ? '1 person' : `${n} people`);
</script>

<svelte:head><title>Import people · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-5xl px-6 py-6">
	<p class="text-note"><a href="/desk/people">People</a></p>
	<h1 class="mt-1 text-title">Import a list</h1>
	<p class="mt-1 max-w-prose text-ink-soft">
		A spreadsheet (.xlsx) or CSV file with a row for each person. You see who is new, changed, absent or back
		before anything is taken in. People are known by their address, and a field without a column stays as it
		is.
	</p>
	<div class="mt-5 max-w-md">
		<FileField
			name="roster"
			label="File"
			accept=".xlsx,.csv,.tsv,.txt,text/csv"
			onchange={(chosen) => void list.open(chosen)}
		/>
	</div>
	<div role="alert">
		{#if list.trouble}<p class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-2">{list.trouble}</p>{/if}
	</div>

	{#if list.file && !list.report?.isApplied}
		{@const { name, opened } = list.file}
		<div class="mt-4 flex flex-wrap items-center gap-x-4 text-note">
			<p>
				{name}: {people(list.checked?.count ?? opened.count)}{opened.how
					? `, apart by ${opened.how.delimiter}, ${opened.how.encoding}`
					: ', a workbook: its first sheet'}.
			</p>
			<CheckBox
				words="The first row is headings"
				size="desk"
				isChecked={opened.isHeaded}
				onchange={(is) => void list.arrange(is)}
			/>
		</div>
		<h2 class="mt-4 text-head">Which column is which</h2>
		{#if list.isKnown}
			<p class="text-note text-ink-soft">As in your last file with these headings.</p>
		{/if}
		{#if list.columns}
			<RosterColumns
				headings={opened.headings}
				columns={list.columns}
				choose={(columns) => void list.map(columns)}
			/>
		{/if}
		{#if list.checked && list.checked.count > 0}
			<h2 class="mt-6 text-head">As it would be read</h2>
			<RosterPreview people={list.checked.people} firstRow={opened.isHeaded ? 2 : 1} />
		{/if}
		{#if list.checked && list.checked.faults.length > 0}
			<RosterFaults faults={list.checked.faults} more={list.checked.moreFaults} />
		{:else if list.isMapped}
			{#if list.report}
				<RosterComparison report={list.report} {...list.moves} choose={(moves) => (list.moves = moves)} />
			{/if}
			<div class="mt-5">
				<Button
					type="button"
					look="main"
					size="desk"
					isBusy={list.isBusy}
					onclick={() => void list.send(list.report !== null)}
					>{list.report ? 'Take them in' : 'See what it would do'}</Button
				>
			</div>
		{:else}
			<p class="mt-6">Choose the columns of name and address first.</p>
		{/if}
	{/if}
	{#if list.report?.isApplied}
		<p class="mt-6 border-l-4 border-cool bg-cool-wash px-4 py-3" role="status">
			Taken in: {people(list.report.added)} added, {list.report.changed} changed, {list.report.same} as they were{list
				.moves.takeBack && list.report.back > 0
				? `, ${list.report.back} taken back`
				: ''}{list.moves.leaveAbsent && list.report.absent > 0
				? `, ${list.report.absent} marked as left`
				: ''}.
			<a href="/desk/people">Go to People</a>
		</p>
	{/if}
</main>
