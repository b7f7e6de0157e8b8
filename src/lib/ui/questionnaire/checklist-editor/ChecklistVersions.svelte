<script lang="ts">
	import type { ChecklistChanges } from '$lib/core/questionnaire/checklist-editor/checklist-changes';
	import { momentWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import type { CaseForm } from '../../cases/case-form.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import FileField from '../../platform/kit/FileField.svelte';
	import ChecklistChangeList from './ChecklistChangeList.svelte';
	import type { DocumentWords } from './document-words';

	const texts = deskWords.checklistEditor;

	interface Props {
		/** Newest first. */
		versions: readonly {
			readonly version: number;
			readonly by: string | null;
			readonly at: Date;
			readonly note: string;
			readonly changes: ChecklistChanges;
		}[];
		/** The one asked now. */
		current: number;
		words: DocumentWords;
		seen: number;
		timeZone: string;
		form: CaseForm;
	}

	let { versions, current, words, seen, timeZone, form }: Props = $props();

	let file = $state('');
	const read = async (chosen: File | undefined) => {
		file = chosen ? await chosen.text() : '';
	};
</script>

{#snippet uses(version: number)}
	<form
		method="POST"
		action="?/start"
		use:enhanceForm={form.submit}
		class="mt-1 flex flex-wrap items-baseline gap-x-4 text-note"
	>
		<input type="hidden" name="seen" value={seen} />
		<input type="hidden" name="version" value={version} />
		<Button look="quiet" size="desk" disabled={form.isBusy}>{texts.use}</Button>
		<a href="/desk/organisation/checklist/file?version={version}" download={texts.fileName(version)}
			>{texts.download}</a
		>
	</form>
{/snippet}

<h2 class="text-lead">{texts.versions}</h2>
{#if seen > 0}<p class="text-note text-ink-soft">{texts.replaces}</p>{/if}
<ol class="mt-1 border-t border-ink">
	{#each versions as { version, by, at, note, changes } (version)}
		<li class="border-b border-rule py-2.5">
			<p class="font-semibold">
				{version === current ? texts.askedNow(texts.version(version)) : texts.version(version)}
			</p>
			<p class="text-note text-ink-soft">{texts.by(by ?? texts.gone, momentWords(at, timeZone))}</p>
			{#if note}<p class="text-note">{note}</p>{/if}
			<ChecklistChangeList {changes} {words} />
			{@render uses(version)}
		</li>
	{/each}
	<li class="border-b border-rule py-2.5">
		<p class="font-semibold">{current === 0 ? texts.askedNow(texts.version(0)) : texts.version(0)}</p>
		<p class="text-note text-ink-soft">{texts.original}</p>
		{@render uses(0)}
	</li>
</ol>
<form method="POST" action="?/load" use:enhanceForm={form.submit} class="mt-5">
	<input type="hidden" name="seen" value={seen} />
	<input type="hidden" name="file" value={file} />
	<FileField
		name=""
		id="checklist-file"
		label={texts.load}
		hint={texts.loadHint}
		accept=".json,application/json"
		size="desk"
		onchange={(chosen) => void read(chosen)}
	/>
	<p class="mt-2">
		<Button size="desk" isBusy={form.isBusy} disabled={file === ''}>{texts.useFile}</Button>
	</p>
</form>
