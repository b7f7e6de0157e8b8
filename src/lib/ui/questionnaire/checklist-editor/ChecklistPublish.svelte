<script lang="ts">
	import type { ChecklistChanges } from '$lib/core/questionnaire/checklist-editor/checklist-changes';
	import type { ChecklistFault } from '$lib/core/questionnaire/checklist-editor/checklist-faults';
	import { isOwnId } from '$lib/core/questionnaire/checklist/own-ids';
	import { momentWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { formattedNumber } from '$lib/messages/desk/workforce-words';
	import type { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import PublishActs from '../../platform/versions/PublishActs.svelte';
	import WouldChange from '../../platform/versions/WouldChange.svelte';
	import ChecklistChangeList from './ChecklistChangeList.svelte';
	import type { DocumentWords } from './document-words';

	const texts = deskWords.checklistEditor;

	interface Props {
		changes: ChecklistChanges;
		faults: readonly ChecklistFault[];
		/** Ids of problems, which have a page of their own. */
		problems: readonly string[];
		words: DocumentWords;
		seen: number;
		openLinks: number;
		changed: { readonly at: Date; readonly by: string | null } | null;
		timeZone: string;
		form: CaseForm;
	}

	let { changes, faults, problems, words, seen, openLinks, changed, timeZone, form }: Props = $props();

	let note = $state('');
	const hrefOf = (of: string) =>
		`/desk/organisation/checklist/${problems.includes(of) ? 'problem' : 'question'}?id=${of}`;
	const isLinked = ({ of, code }: ChecklistFault) => isOwnId(of) && code !== 'unused-finding';
</script>

<WouldChange labelledby="changes-title">
	<h2 id="changes-title" class="text-head">{texts.changes}</h2>
	{#if changed}
		<p class="text-note text-ink-soft">
			{texts.editedBy(changed.by ?? deskWords.versions.gone, momentWords(changed.at, timeZone))}
		</p>
	{/if}
	<ChecklistChangeList {changes} {words} />
	{#if faults.length > 0}
		<h3 class="mt-3 font-semibold">{texts.toComplete}</h3>
		<ul class="list-disc ps-5">
			{#each faults as fault, i (i)}
				<li>
					{#if isLinked(fault)}<a href={hrefOf(fault.of)}>{words.fault(fault)}</a>{:else}{words.fault(
							fault
						)}{/if}
				</li>
			{/each}
		</ul>
	{:else}
		<p class="mt-3 text-note">{texts.openLinks(openLinks, formattedNumber(openLinks))} {texts.nobodyMoves}</p>
	{/if}
	<form method="POST" action="?/publish" use:enhanceForm={form.submit}>
		<input type="hidden" name="seen" value={seen} />
		<PublishActs canPublish={faults.length === 0} bind:note isBusy={form.isBusy}>
			<Button size="desk" formaction="?/discard" isBusy={form.isBusy}>{texts.discard}</Button>
		</PublishActs>
	</form>
	<FormError fault={form.fault} />
</WouldChange>
