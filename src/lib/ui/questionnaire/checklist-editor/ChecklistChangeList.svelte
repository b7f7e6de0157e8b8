<script lang="ts">
	import type { ChecklistChanges } from '$lib/core/questionnaire/checklist-editor/checklist-changes';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import type { DocumentWords } from './document-words';

	const texts = deskWords.checklistEditor;

	interface Props {
		changes: ChecklistChanges;
		/** Words of the checklist after the changes; it also knows what was left out. */
		words: DocumentWords;
	}

	let { changes, words }: Props = $props();

	const listed = (ids: readonly string[], name: (id: string) => string) =>
		deskCatalogue().lists.plain(ids.map((id) => `“${name(id) || texts.noWords}”`));
	const question = (id: string) => words.question(id);
</script>

<ul class="mt-1 text-note">
	{#if changes.added.length > 0}<li>{texts.added(listed(changes.added, question))}</li>{/if}
	{#if changes.leftOut.length > 0}<li>{texts.removed(listed(changes.leftOut, question))}</li>{/if}
	{#if changes.changed.length > 0}<li>{texts.changed(listed(changes.changed, question))}</li>{/if}
	{#if changes.findings.length > 0}
		<li>{texts.changedProblems(listed(changes.findings, (id) => words.problem(id)))}</li>
	{/if}
	{#if changes.isReordered}<li>{texts.reordered}</li>{/if}
</ul>
