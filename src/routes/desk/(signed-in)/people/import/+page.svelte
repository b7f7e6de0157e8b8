<script lang="ts">
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import { onDestroy } from 'svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import FileField from '$lib/ui/platform/kit/FileField.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import ImportsToday from '$lib/ui/people/ImportsToday.svelte';
	import RosterIgnored from '$lib/ui/people/RosterIgnored.svelte';
	import RosterRenamed from '$lib/ui/people/RosterRenamed.svelte';
	import { RosterImport } from '$lib/ui/people/roster-import.svelte';
	import RosterColumns from '$lib/ui/people/RosterColumns.svelte';
	import RosterComparison from '$lib/ui/people/RosterComparison.svelte';
	import RosterFaults from '$lib/ui/people/RosterFaults.svelte';
	import RosterPreview from '$lib/ui/people/RosterPreview.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	let { data } = $props();

	const list = new RosterImport(() => data.mappings);
	onDestroy(list.end);
</script>

<svelte:head><title>{texts.importTitle}</title></svelte:head>

<main class="max-w-5xl px-6 py-6">
	<p class="text-note"><a href="/desk/people">{texts.heading}</a></p>
	<h1 class="mt-1 text-title">{texts.importList}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">
		{texts.importLead}
	</p>
	<div class="mt-5 max-w-md">
		<FileField
			name="roster"
			label={texts.file}
			accept=".xlsx,.csv,.tsv,.txt,text/csv"
			onchange={(chosen) => void list.open(chosen)}
		/>
	</div>
	<div role="alert">
		{#if list.trouble}<p class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2">{list.trouble}</p>{/if}
	</div>

	{#if list.file && !list.report?.isApplied}
		{@const { name, opened } = list.file}
		<div class="mt-4 flex flex-wrap items-center gap-x-4 text-note">
			<p>
				{texts.fileSummary({
					name,
					people: peopleWords(list.checked?.count ?? opened.count),
					how: opened.how
				})}
			</p>
			<Select
				name="heading-row"
				label={texts.headingRow}
				size="desk"
				value={String(opened.headingRow ?? '')}
				options={[
					{ value: '', words: texts.noHeadings },
					...opened.top.flatMap((text, i) =>
						text === '' && i !== opened.headingRow
							? []
							: [{ value: String(i), words: texts.rowShown(i + 1, text.slice(0, 80)) }]
					)
				]}
				onchange={(row) => void list.arrange(row === '' ? null : Number(row))}
			/>
		</div>
		<h2 class="mt-4 text-head">{texts.matchColumns}</h2>
		{#if list.isKnown}
			<p class="text-note text-ink-soft">{texts.asLastTime}</p>
		{/if}
		{#if list.columns}
			<RosterColumns
				headings={opened.headings}
				columns={list.columns}
				choose={(columns) => void list.map(columns)}
			/>
		{/if}
		{#if list.checked && list.checked.count > 0}
			<h2 class="mt-6 text-head">{texts.preview}</h2>
			<RosterPreview people={list.checked.people} />
		{/if}
		{#if list.checked && list.checked.ignored.length > 0}<RosterIgnored rows={list.checked.ignored} />{/if}
		{#if list.checked && list.checked.faults > 0}
			<RosterFaults
				all={list.checked.faults}
				groups={list.checked.groups}
				isLeftOut={list.leaveOut}
				leaveOut={(is) => list.leave(is)}
				download={() => list.faultyRows()}
			/>
		{/if}
		{#if list.isMapped && (list.checked?.faults === 0 || list.leaveOut)}
			{#if list.report}
				{#if list.report.leftOut + list.report.emptied > 0}
					<p class="mt-4">{texts.leftOutOf(list.report.leftOut, list.report.emptied)}</p>
				{/if}
				{#if list.report.renamed.length > 0}
					<RosterRenamed
						people={list.report.renamed}
						chosen={list.renames}
						disabled={list.isBusy}
						choose={(chosen) => void list.rename(chosen)}
					/>
				{/if}
				<RosterComparison report={list.report} {...list.moves} choose={(moves) => (list.moves = moves)} />
			{/if}
			<div class="mt-5">
				<Button
					type="button"
					look="main"
					size="desk"
					isBusy={list.isBusy}
					onclick={() => void list.send(list.report !== null)}
					>{texts.importOrCheck(Boolean(list.report))}</Button
				>
			</div>
		{:else if !list.isMapped}
			<p class="mt-6">{texts.chooseColumnsFirst}</p>
		{/if}
	{/if}
	{#if list.report?.isApplied}
		<p class="mt-6 border-s-4 border-cool bg-cool-wash px-4 py-3" role="status">
			{texts.imported({
				added: peopleWords(list.report.added),
				changed: list.report.changed,
				same: list.report.same,
				hasTakeBack: Boolean(list.moves.takeBack && list.report.back > 0),
				back: list.report.back,
				hasLeaveAbsent: Boolean(list.moves.leaveAbsent && list.report.absent > 0),
				absent: list.report.absent
			})}
			<a href="/desk/people">{texts.goToPeople}</a>
		</p>
	{/if}
	{#if data.imports.length > 0}<ImportsToday
			imports={data.imports}
			timeZone={data.timeZone}
			onundone={() => (list.report = null)}
		/>{/if}
</main>
