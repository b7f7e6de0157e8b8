<script lang="ts">
	import { page } from '$app/state';
	import { dayWords, momentWords } from '$lib/messages/dates';
	import { recordActWords } from '$lib/messages/desk/record-words';
	import { deskWords } from '$lib/messages/desk';
	import { detailWords } from '$lib/messages/desk/audit-details';
	import DataTable from '$lib/ui/platform/kit/DataTable.svelte';
	import type { TableColumn } from '$lib/ui/platform/kit/data-table';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import FilterForm from '$lib/ui/platform/kit/FilterForm.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import DayField from '$lib/ui/cases/DayField.svelte';

	const texts = deskWords.keeping;

	let { data } = $props();

	const aboutWhom = $derived(
		data.filter.person === '' ? null : (data.lines.find(({ personId }) => personId !== null)?.person ?? '')
	);
	const lists = $derived([
		{
			name: 'act',
			label: texts.action,
			value: data.filter.act,
			options: [
				{ value: '', words: texts.allActions },
				...data.acts.map((value) => ({ value, words: recordActWords(value) }))
			]
		},
		{
			name: 'user',
			label: texts.person,
			value: data.filter.user,
			options: [
				{ value: '', words: texts.everyone },
				...data.users.map(({ id, name }) => ({ value: id, words: name }))
			]
		}
	]);
	type Line = (typeof data.lines)[number];
	const columns: readonly TableColumn<Line>[] = $derived([
		{ id: 'when', head: texts.when, words: ({ at }) => momentWords(at, data.timeZone), isNoWrap: true },
		{ id: 'who', head: texts.person, words: ({ user, by }) => user ?? texts.by[by] },
		{ id: 'what', head: texts.action, words: ({ act }) => recordActWords(act) },
		{ id: 'about', head: texts.about, cell: about },
		{ id: 'details', head: texts.details, cell: details }
	]);
	const withQuery = (name: string, value: string) => {
		const kept = [...page.url.searchParams].filter(([one]) => one !== name);
		return `?${new URLSearchParams([...kept, [name, value]])}`;
	};
</script>

<svelte:head><title>{texts.auditLogTitle}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/users">{texts.accounts}</a></p>
	<h1 class="mt-1 text-title">{aboutWhom === null ? texts.auditLog : texts.auditLogOf(aboutWhom)}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.auditLogLead}</p>
	<div class="mt-3">
		<FilterForm label={texts.show}>
			{#snippet fields(ask)}
				{#if data.filter.person}<input type="hidden" name="person" value={data.filter.person} />{/if}
				{#each lists as list (list.name)}
					<Select {...list} size="desk" onchange={() => ask(list.name)} />
				{/each}
				<DayField
					id="from"
					name="from"
					label={texts.from}
					value={data.filter.from}
					onchange={() => ask('from', 600)}
				/>
				<DayField
					id="until"
					name="until"
					label={texts.until}
					value={data.filter.until}
					onchange={() => ask('until', 600)}
				/>
			{/snippet}
		</FilterForm>
	</div>
	<p class="mt-2 text-note"><a href="/desk/record/export?{page.url.searchParams}">{texts.downloadLog}</a></p>
	<div class="mt-4">
		<DataTable {columns} rows={data.lines} keyOf={({ id }) => String(id)} empty={texts.noneMatch} />
	</div>
	{#if data.next}
		<p class="mt-3"><Button size="desk" href={withQuery('before', data.next)}>{texts.earlier}</Button></p>
	{/if}
	<section class="mt-8 max-w-prose">
		<h2 class="text-head">{texts.checkHeading}</h2>
		<p class="mt-1 text-ink-soft">{texts.checkLead}</p>
		{#if data.newestSeal}
			<p class="mt-2 text-note">{texts.newestSeal(dayWords(data.newestSeal.at))}</p>
			<p class="num text-note break-all">{data.newestSeal.hash}</p>
		{/if}
		{#if data.check}
			<div class="mt-2">
				{const { n, since, brokenAt, missing } = $derived(data.check)}
				<Notice kind={brokenAt === null && missing === 0 ? 'done' : 'caution'} role="status">
					{brokenAt !== null
						? texts.checkFailed(brokenAt)
						: missing !== 0
							? texts.linesMissing(missing)
							: texts.checkPassed(n, since && dayWords(since))}
				</Notice>
			</div>
		{/if}
		<p class="mt-2 flex flex-wrap gap-3">
			<Button size="desk" href={withQuery('check', 'new')}>{texts.checkNew}</Button>
			<Button size="desk" look="quiet" href={withQuery('check', 'all')}>{texts.checkAll}</Button>
		</p>
	</section>
</main>

{#snippet about({ personId, person }: Line)}
	{#if personId}<a href="/desk/cases/{personId}">{person}</a>{/if}
{/snippet}

{#snippet details({ detail }: Line)}
	<span class="text-note text-ink-soft">{detailWords(detail).join(', ')}</span>
{/snippet}

<style>
	/* Room for the whole day and its calendar. */
	main :global(.kit-filters .kit-date) {
		min-width: 10.5rem;
	}
</style>
