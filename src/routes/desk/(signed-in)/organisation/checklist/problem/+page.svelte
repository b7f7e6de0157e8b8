<script lang="ts">
	import { untrack } from 'svelte';
	import { stationOfOwnId } from '$lib/core/questionnaire/checklist/own-ids';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import ProblemFields from '$lib/ui/questionnaire/checklist-editor/ProblemFields.svelte';
	import { ProblemDraft } from '$lib/ui/questionnaire/checklist-editor/question-draft.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const { question, problem: texts } = deskWords.checklistEditor;
	const draft = untrack(() => new ProblemDraft(data.id, data.document, data.languages));
	const form = new CaseForm();
	const posted = $derived({ id: data.id, station: stationOfOwnId(data.id), ...draft.posted });
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation/checklist">{question.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<form method="POST" action="?/save" use:enhanceForm={form.submit} class="max-w-4xl">
		<input type="hidden" name="seen" value={data.seen} />
		<input type="hidden" name="document" value={JSON.stringify(posted)} />
		<ProblemFields {draft} prefix="problem" />
		<FormError fault={form.fault} />
		<p class="mt-5"><Button look="main" size="desk" isBusy={form.isBusy}>{question.save}</Button></p>
	</form>
</main>
