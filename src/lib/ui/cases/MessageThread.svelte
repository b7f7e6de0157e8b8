<script lang="ts">
	import { enhance } from '$app/forms';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';
	import MessageList from './MessageList.svelte';
	import WriteForm from './WriteForm.svelte';

	interface Props {
		personId: string;
		personName: string;
		messages: readonly {
			readonly id: string;
			readonly at: Date;
			readonly text: string;
			readonly isFromPerson: boolean;
			readonly isOpen: boolean;
			readonly authorName: string | null;
		}[];
		timeZone: string;
		reply: string;
		version: number;
		canWrite: boolean;
	}

	let { personId, personName, messages, timeZone, reply, version, canWrite }: Props = $props();

	const reading = new CaseForm();
</script>

<MessageList {messages} {personName} {timeZone} />
{#if canWrite}
	<div class="no-print">
		{#if messages.some(({ isOpen }) => isOpen)}
			<form method="POST" action="/desk/cases/{personId}?/read" use:enhance={reading.submit} class="mt-2">
				<ActFields form={reading} {version} />
				<button class="btn btn-small" disabled={reading.isBusy}>Read, needs no answer</button>
			</form>
			<FormFault fault={reading.fault} />
		{/if}
		<WriteForm id="write" action="/desk/cases/{personId}?/message" offered={reply} />
	</div>
{/if}
