<script lang="ts">
	import { untrack } from 'svelte';
	import { CHECKLIST_STATIONS } from '$lib/core/questionnaire/checklist/stations';
	import { makeOwnChecklist } from '$lib/core/questionnaire/checklist/own-checklist';
	import { isUnchanged } from '$lib/core/questionnaire/checklist-editor/checklist-changes';
	import { deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import ChecklistPublish from '$lib/ui/questionnaire/checklist-editor/ChecklistPublish.svelte';
	import ChecklistStation from '$lib/ui/questionnaire/checklist-editor/ChecklistStation.svelte';
	import ChecklistVersions from '$lib/ui/questionnaire/checklist-editor/ChecklistVersions.svelte';
	import { DocumentWords } from '$lib/ui/questionnaire/checklist-editor/document-words';
	import { MoveQuestion } from '$lib/ui/questionnaire/checklist-editor/move-question.svelte';
	import OwnProblems from '$lib/ui/questionnaire/checklist-editor/OwnProblems.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import WithAside from '$lib/ui/platform/kit/WithAside.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const { checklistEditor: texts, organisation } = deskWords;
	const words = $derived(new DocumentWords(data.document, deskLocale(), data.names));
	const { items } = $derived(makeOwnChecklist(data.document, data.document.basedOn));
	let notice = $state('');
	const form = new CaseForm((result) => {
		if ('published' in result) notice = texts.published(texts.version(Number(result.published)));
		else if ('discarded' in result) notice = texts.discarded;
		else if ('started' in result) notice = texts.startsFrom(texts.version(Number(result.started)));
		else if ('loaded' in result) notice = texts.loaded;
		else notice = '';
	});
	const moving = new MoveQuestion(() => ({ items, seen: data.seen, words }));
	$effect(() => () => moving.drag.end());
	const stationOf = (id: string) =>
		makeOwnChecklist(data.asked, data.asked.basedOn).items.find((item) => item.id === id)?.station;
	/** Stations with something of the organisation's own are open from the beginning; later, whoever reads opens and closes them. */
	const open: ReadonlySet<string | undefined> = untrack(
		() =>
			new Set([
				...data.document.items.map(({ station }) => station),
				...[...data.changes.leftOut, ...data.changes.changed].map((id) => stationOf(id))
			])
	);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{organisation.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<p class="mt-1 max-w-prose text-note">{texts.kept}</p>
	<p class="mt-2">
		<Button href="/desk/organisation/checklist/try" size="desk">{texts.tryIt}</Button>
	</p>
	<div role="status">
		{#if notice}<div class="mt-3 max-w-prose"><Notice kind="done">{notice}</Notice></div>{/if}
		<span class="sr-only">{moving.said}</span>
	</div>
	<WithAside label={texts.versions}>
		{#if isUnchanged(data.changes)}
			<FormError fault={form.fault ?? moving.fault} />
		{:else}
			<ChecklistPublish
				changes={data.changes}
				faults={data.faults}
				problems={data.document.findings.map(({ id }) => id)}
				{words}
				seen={data.seen}
				openLinks={data.openLinks}
				changed={data.changed}
				timeZone={data.timeZone}
				{form}
			/>
			<FormError fault={moving.fault} />
		{/if}
		<div class="mt-4">
			{#each CHECKLIST_STATIONS as station (station)}
				<ChecklistStation
					{station}
					document={data.document}
					items={items.filter((item) => item.station === station)}
					seen={data.seen}
					{words}
					{form}
					drag={moving.drag}
					isOpen={open.has(station)}
					move={(id, to) => void moving.to(id, to)}
				/>
			{/each}
		</div>
		<OwnProblems document={data.document} seen={data.seen} {words} {form} />
		{#snippet aside()}
			<ChecklistVersions
				versions={data.versions}
				current={data.version}
				{words}
				seen={data.seen}
				timeZone={data.timeZone}
				{form}
			/>
		{/snippet}
	</WithAside>
</main>
