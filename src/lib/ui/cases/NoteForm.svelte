<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import TextArea from '../platform/kit/TextArea.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import { readDraft, storeDraft } from './drafts';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	/** The URL for the case's acts, and the person's first name. */
	let { action, givenName }: { action: string; givenName: string } = $props();

	const key = $derived(`note ${action}`);
	let text = $derived(readDraft(key, ''));
	const form = new CaseForm(() => keep(''));

	function keep(typed: string) {
		text = typed;
		storeDraft(key, typed, '');
	}
</script>

<form method="POST" action="{action}?/note" use:enhanceForm={form.submit} class="no-print mt-1 grid gap-2">
	<ActFields {form} />
	<TextArea
		id="note"
		name="text"
		label={texts.noteLabel(givenName)}
		size="desk"
		rows={2}
		maxlength={4000}
		isRequired
		value={text}
		oninput={keep}
	/>
	<CheckBox name="isKeptBack" words={texts.notesLeftOut} size="desk" isChecked={false} />
	<div><Button size="desk" isBusy={form.isBusy}>{texts.saveNote}</Button></div>
	<FormError fault={form.fault} />
</form>
