<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { openAttribute } from '../platform/kit/open-attribute';
	import Button from '../platform/kit/Button.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import DayField from './DayField.svelte';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		personId: string;
		followUp: { readonly due: string; readonly reason: string; readonly version: number };
		today: string;
	}

	let { personId, followUp, today }: Props = $props();

	let next = $state('');
	const form = new CaseForm(() => (next = ''));
</script>

<details id="finish" class="mt-2" {...openAttribute(followUp.due <= today)}>
	<summary class="kit-summary">{texts.finishFollowUp(followUp.reason)}</summary>
	<form
		method="POST"
		action="/desk/cases/{personId}?/done"
		use:enhanceForm={form.submit}
		class="mt-2 grid gap-2 text-note"
	>
		<ActFields {form} version={followUp.version} />
		<TextField
			name="outcome"
			id="finish-outcome"
			label={texts.followUpNotes}
			value=""
			size="desk"
			maxlength={300}
		/>
		<DayField
			name="due"
			label={texts.nextFollowUpOn}
			least={today}
			value={next}
			onchange={(value) => (next = value)}
		/>
		{#if next}
			<TextField name="reason" id="finish-reason" label={texts.reason} value="" size="desk" maxlength={300} />
		{/if}
		<div><Button size="desk" isBusy={form.isBusy}>{texts.done}</Button></div>
		<FormError fault={form.fault} />
	</form>
</details>
