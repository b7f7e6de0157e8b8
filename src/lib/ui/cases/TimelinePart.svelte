<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { TimelineEntry } from '$lib/core/cases/timeline';
	import type { ComponentProps } from 'svelte';
	import Button from '../platform/kit/Button.svelte';
	import KeyWords from '../platform/shortcuts/KeyWords.svelte';
	import Timeline from './timeline/Timeline.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import ContactForm from './ContactForm.svelte';
	import FormError from './FormError.svelte';
	import NoteForm from './NoteForm.svelte';
	import WriteForm from './WriteForm.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		entries: readonly TimelineEntry[];
		personName: string;
		/** Whether there is an unread message from the person or a clinician. */
		hasUnread: boolean;
		reply: string;
		contact: ComponentProps<typeof ContactForm>;
		timeZone: string;
	}

	let { entries, personName, hasUnread, reply, contact, timeZone }: Props = $props();

	const reading = new CaseForm();
	const action = $derived(`/desk/cases/${contact.personId}`);
</script>

<div class="no-print">
	<details name="act" id="writing">
		<summary class="kit-summary"><KeyWords act="write" /> {texts.writeTo(personName)}</summary>
		<WriteForm id="write" action="{action}?/message" offered={reply} />
	</details>
	<details name="act" id="calling">
		<summary class="kit-summary">{texts.recordContactMenu}</summary>
		<ContactForm {...contact} />
	</details>
	<details name="act" id="noting">
		<summary class="kit-summary"><KeyWords act="note" /> {texts.noteMenu}</summary>
		<NoteForm {action} givenName={personName.split(' ')[0] ?? ''} />
	</details>
	{#if hasUnread}
		<form method="POST" action="{action}?/read" use:enhanceForm={reading.submit} class="mt-2">
			<ActFields form={reading} version={contact.version} />
			<Button size="desk" isBusy={reading.isBusy}>{texts.markRead}</Button>
		</form>
		<FormError fault={reading.fault} />
	{/if}
</div>
<div class="mt-3"><Timeline {entries} {personName} {timeZone} /></div>

<style>
	details {
		padding: 0.1rem 0;
	}
</style>
