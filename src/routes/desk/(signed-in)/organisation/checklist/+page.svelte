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
	import ChecklistChangeList from '$lib/ui/questionnaire/checklist-editor/ChecklistChangeList.svelte';
	import { DocumentWords } from '$lib/ui/questionnaire/checklist-editor/document-words';
	import { MoveQuestion } from '$lib/ui/questionnaire/checklist-editor/move-question.svelte';
	import OwnProblems from '$lib/ui/questionnaire/checklist-editor/OwnProblems.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import VersionedPage from '$lib/ui/platform/versions/VersionedPage.svelte';
	import VersionFile from '$lib/ui/platform/versions/VersionFile.svelte';
	import VersionList from '$lib/ui/platform/versions/VersionList.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const { checklistEditor: texts } = deskWords;
	const versionWords = { ...texts, current: texts.askedNow };
	const words = $derived(new DocumentWords(data.document, deskLocale(), data.names));
	const { items } = $derived(makeOwnChecklist(data.document, data.document.basedOn));
	let notice = $state('');
	const tell = (result: Record<string, unknown>) => {
		if ('published' in result) notice = texts.published(texts.version(Number(result.published)));
		else if ('discarded' in result) notice = texts.discarded;
		else if ('started' in result) notice = texts.startsFrom(texts.version(Number(result.started)));
		else if ('loaded' in result) notice = texts.loaded;
		else notice = '';
	};
	const form = new CaseForm(tell);
	const file = new CaseForm(tell);
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

<VersionedPage title={texts.title} heading={texts.heading} lead={texts.lead} {notice} said={moving.said}>
	{#snippet intro()}
		<p class="mt-1 max-w-prose text-note">{texts.kept}</p>
		<p class="mt-2">
			<Button href="/desk/organisation/checklist/try" size="desk">{texts.tryIt}</Button>
		</p>
	{/snippet}
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
	{#snippet versions()}
		<VersionList
			versions={data.versions}
			current={data.version}
			timeZone={data.timeZone}
			at="/desk/organisation/checklist"
			words={versionWords}
			fileName={texts.fileName}
		>
			{#snippet changed({ changes })}<ChecklistChangeList {changes} {words} />{/snippet}
			{#snippet start(version)}
				<form method="POST" action="?/start" use:enhanceForm={form.submit}>
					<input type="hidden" name="seen" value={data.seen} />
					<input type="hidden" name="version" value={version} />
					<Button look="quiet" size="desk" disabled={form.isBusy}>{deskWords.versions.use}</Button>
				</form>
			{/snippet}
		</VersionList>
		{#if data.changed}<p class="mt-1 text-note text-ink-soft">{texts.replaces}</p>{/if}
		<VersionFile words={versionWords} form={file} seen={data.seen} />
	{/snippet}
</VersionedPage>
