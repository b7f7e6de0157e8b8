<script lang="ts">
	import { untrack } from 'svelte';
	import { makeOwnChecklist } from '$lib/core/questionnaire/checklist/own-checklist';
	import { deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import { DocumentWords } from '$lib/ui/questionnaire/checklist-editor/document-words';
	import { QuestionDraft } from '$lib/ui/questionnaire/checklist-editor/question-draft.svelte';
	import QuestionForm from '$lib/ui/questionnaire/checklist-editor/QuestionForm.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const texts = deskWords.checklistEditor.question;
	const words = $derived(new DocumentWords(data.document, deskLocale()));
	const draft = untrack(
		() =>
			new QuestionDraft(data.id, data.station, data.document, data.languages, data.shipped?.answers ?? null)
	);
	/** What is asked before this question; a new one comes last in its station. */
	const earlier = $derived.by(() => {
		const { items } = makeOwnChecklist(data.document, data.document.basedOn);
		const at = items.findIndex(({ id }) => id === data.id);
		const last = items.findLastIndex(({ station }) => station === data.station);
		return items.slice(0, at >= 0 ? at : last + 1);
	});
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation/checklist">{texts.back}</a></p>
	<h1 class="mt-1 text-title">
		{data.id === null
			? texts.newHeading(words.station(data.station))
			: data.shipped
				? texts.shippedHeading
				: texts.heading}
	</h1>
	{#if data.shipped}
		<p class="mt-1 max-w-prose text-ink-soft">{texts.shippedLead}</p>
		{#if data.shipped.hasVariants}<p class="mt-1 max-w-prose text-note">{texts.variants}</p>{/if}
	{/if}
	<div class="max-w-4xl">
		<QuestionForm
			{draft}
			document={data.document}
			seen={data.seen}
			{words}
			{earlier}
			shipped={data.shipped?.words ?? null}
		/>
	</div>
</main>
