<script lang="ts">
	import type { Snippet } from 'svelte';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { CaseForm } from './case-form.svelte';
	import Button from '../platform/kit/Button.svelte';
	import TextArea from '../platform/kit/TextArea.svelte';
	import ActFields from './ActFields.svelte';
	import { readDraft, storeDraft } from './drafts';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		/** Where the form is sent. */
		action: string;
		/** The suggested text. */
		offered: string;
		id: string;
		words?: string;
		/** Further fields. */
		hidden?: Readonly<Record<string, string>>;
		/** Below the text, for what is being typed. */
		below?: Snippet<[text: string]>;
		sent?: () => void;
		/** Called on Escape: the focus goes back to the list. */
		left?: () => void;
	}

	let {
		action,
		offered,
		id,
		words = texts.sendMessage,
		hidden = {},
		below,
		sent = () => {},
		left
	}: Props = $props();

	// A draft to this person is there again when the user returns to them.
	let text = $derived(readDraft(action, offered));
	const keep = (typed: string) => {
		text = typed;
		storeDraft(action, typed, offered);
	};
	/** Escape returns to the list, Ctrl+Enter sends: no mouse needed. */
	function keys(event: KeyboardEvent & { currentTarget: HTMLTextAreaElement }) {
		if (event.key === 'Escape') (left ?? (() => event.currentTarget.blur()))();
		else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey))
			event.currentTarget.form?.requestSubmit();
	}
	const form = new CaseForm(() => {
		storeDraft(action, '', '');
		text = '';
		sent();
	});
</script>

<form method="POST" {action} use:enhanceForm={form.submit} class="mt-2 grid gap-2">
	{#each Object.entries(hidden) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<ActFields {form} />
	<TextArea
		{id}
		name="text"
		label={texts.message}
		size="desk"
		rows={5}
		maxlength={4000}
		isRequired
		value={text}
		oninput={keep}
		onkeydown={keys}
	/>
	{@render below?.(text)}
	<div class="flex flex-wrap items-center gap-3">
		<Button size="desk" isBusy={form.isBusy}>{words}</Button>
		<span class="text-note text-ink-soft">{texts.messageHint}</span>
	</div>
	<FormError fault={form.fault} />
</form>
