<script lang="ts">
	import { enhance } from '$app/forms';
	import { folded } from '../kit/folded';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';

	interface Props {
		personId: string;
		followUp: { readonly due: string; readonly reason: string; readonly version: number };
		today: string;
	}

	let { personId, followUp, today }: Props = $props();

	let next = $state('');
	const form = new CaseForm(() => (next = ''));
</script>

<details id="finish" class="mt-2" {...folded(followUp.due <= today)}>
	<summary class="link-button text-note">{followUp.reason || 'The follow-up'} is done …</summary>
	<form
		method="POST"
		action="/desk/cases/{personId}?/done"
		use:enhance={form.submit}
		class="mt-2 grid gap-2 text-note"
	>
		<ActFields {form} version={followUp.version} />
		<label>What came of it <input class="field mt-0.5" name="outcome" maxlength="300" required /></label>
		<label
			>Next one on, if there is one
			<input class="field mt-0.5" type="date" name="due" min={today} bind:value={next} /></label
		>
		{#if next}<label>What for <input class="field mt-0.5" name="reason" maxlength="300" /></label>{/if}
		<div><button class="btn btn-small" disabled={form.isBusy}>Done</button></div>
		<FormFault fault={form.fault} />
	</form>
</details>
