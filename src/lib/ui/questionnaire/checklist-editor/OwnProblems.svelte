<script lang="ts">
	import type { ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
	import { deskWords } from '$lib/messages/desk';
	import type { CaseForm } from '../../cases/case-form.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { DocumentWords } from './document-words';

	const texts = deskWords.checklistEditor;

	interface Props {
		document: ChecklistDocument;
		seen: number;
		words: DocumentWords;
		form: CaseForm;
	}

	let { document, seen, words, form }: Props = $props();
</script>

{#if document.findings.length > 0}
	<h2 class="mt-6 text-lead">{texts.problems}</h2>
	<p class="text-note text-ink-soft">{texts.problemsLead}</p>
	<ul class="mt-1 border-t border-rule">
		{#each document.findings as { id } (id)}
			{@const name = words.problem(id) || texts.noWords}
			<li class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-rule py-1.5">
				<span>{name}</span>
				<form
					method="POST"
					action="?/remove"
					use:enhanceForm={form.submit}
					class="flex items-baseline gap-x-3 text-note"
				>
					<input type="hidden" name="seen" value={seen} />
					<input type="hidden" name="part" value={id} />
					<Button
						look="quiet"
						size="desk"
						href="/desk/organisation/checklist/problem?id={id}"
						aria-label={texts.editOf(name)}>{texts.edit}</Button
					>
					<Button look="quiet" size="desk" aria-label={texts.removeOf(name)}>{texts.remove}</Button>
				</form>
			</li>
		{/each}
	</ul>
{/if}
