<script lang="ts">
	import { enhance } from '$app/forms';
	import { CaseForm } from './case-form.svelte';
	import ActFields from './ActFields.svelte';
	import FormFault from './FormFault.svelte';

	interface Props {
		/** Where it is sent. */
		action: string;
		/** The text that is offered. */
		offered: string;
		id: string;
		words?: string;
		/** Further fields. */
		hidden?: Readonly<Record<string, string>>;
		sent?: () => void;
	}

	let { action, offered, id, words = 'Send', hidden = {}, sent = () => {} }: Props = $props();

	let text = $derived(offered);
	/** Escape goes back to the list, Ctrl and Enter send: nobody has to reach for the mouse. */
	function keys(event: KeyboardEvent & { currentTarget: HTMLTextAreaElement }) {
		if (event.key === 'Escape') event.currentTarget.blur();
		else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey))
			event.currentTarget.form?.requestSubmit();
	}
	const form = new CaseForm(() => {
		text = '';
		sent();
	});
</script>

<form method="POST" {action} use:enhance={form.submit} class="mt-2 grid gap-2">
	{#each Object.entries(hidden) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<ActFields {form} />
	<label class="text-note" for={id}>Message</label>
	<textarea
		{id}
		class="field min-h-28 text-note"
		name="text"
		maxlength="4000"
		required
		bind:value={text}
		onkeydown={keys}></textarea>
	<div class="flex flex-wrap items-center gap-3">
		<button class="btn" disabled={form.isBusy}>{words}</button>
		<span class="text-note text-ink-soft">A letter says that there is a message; its words stay here.</span>
	</div>
	<FormFault fault={form.fault} />
</form>
