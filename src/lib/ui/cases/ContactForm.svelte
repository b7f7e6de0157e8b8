<script lang="ts">
	import { enhance } from '$app/forms';
	import {
		CONTACT_RESULTS,
		CONTACT_WAYS,
		NEXT_STEPS,
		type ContactResult,
		type NextStep
	} from '$lib/core/contact';
	import type { Closable } from '$lib/core/judgement';
	import { closableEn } from '$lib/messages/triage-en';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import { CONTACT_WORDS } from './contact-words';
	import FormFault from './FormFault.svelte';

	interface Props {
		personId: string;
		phone: string;
		/** What is open and only an outcome closes. */
		closable: readonly Closable[];
		/** Whether a clinician has been asked, so that this can come next. */
		isReferred: boolean;
		version: number;
		today: string;
		/** Called once it is recorded. */
		done?: () => void;
	}

	let { personId, phone, closable, isReferred, version, today, done = () => {} }: Props = $props();

	let result = $state<ContactResult>('reached');
	let next = $state<NextStep | ''>('');
	let isClosing = $state(false);
	const form = new CaseForm(() => {
		[result, next, isClosing] = ['reached', '', false];
		done();
	});
	const steps = $derived(NEXT_STEPS.filter((step) => step !== 'referral' || isReferred));
</script>

<form
	method="POST"
	action="/desk/cases/{personId}?/contact"
	use:enhance={form.submit}
	class="no-print mt-2 grid gap-2 text-note"
>
	<ActFields {form} {version} />
	{#if phone}<p>Phone: <a class="num" href="tel:{phone.replaceAll(' ', '')}">{phone}</a></p>{/if}
	<div class="grid grid-cols-2 gap-2">
		<label
			>How
			<select class="field mt-0.5" name="how">
				{#each CONTACT_WAYS as way (way)}<option value={way}>{CONTACT_WORDS.how[way]}</option>{/each}
			</select>
		</label>
		<label
			>Result
			<select id="contact-result" class="field mt-0.5" name="result" bind:value={result}>
				{#each CONTACT_RESULTS as one (one)}<option value={one}>{CONTACT_WORDS.result[one]}</option>{/each}
			</select>
		</label>
	</div>
	{#if result === 'reached'}
		<label>Whom you spoke with <input class="field mt-0.5" name="whom" maxlength="120" required /></label>
		<label
			>What was said
			<textarea class="field mt-0.5 min-h-16" name="said" maxlength="2000" required></textarea></label
		>
		{#if closable.length > 0}
			<fieldset class="grid gap-1">
				<legend class="font-semibold">This is the outcome of</legend>
				{#each closable as one (one)}
					<label class="flex items-start gap-2">
						<input
							type="checkbox"
							class="mt-1"
							name="closes.{one}"
							value="yes"
							onchange={(event) =>
								(isClosing =
									event.currentTarget.form?.querySelector('input[name^="closes."]:checked') !== null)}
						/>
						<span class="first-letter:uppercase">{closableEn(one)}</span>
					</label>
				{/each}
			</fieldset>
		{/if}
	{:else}
		<label>Note <input class="field mt-0.5" name="said" maxlength="2000" /></label>
	{/if}
	{#if isClosing && result === 'reached'}
		<label
			>What comes next
			<select class="field mt-0.5" name="next" bind:value={next} required>
				<option value="" disabled>Choose …</option>
				{#each steps as step (step)}<option value={step}>{CONTACT_WORDS.next[step]}</option>{/each}
			</select>
		</label>
		{#if !isReferred}
			<p class="text-ink-soft">
				If a clinician comes next, refer the case first: then it can be chosen here.
			</p>
		{/if}
		{#if next === 'nothing'}
			<label>Why nothing <input class="field mt-0.5" name="why" maxlength="300" required /></label>
		{/if}
	{/if}
	{#if !isClosing || next === 'look' || result !== 'reached'}
		<label
			>{next === 'look' && isClosing ? 'Look again on' : 'Try again, or look again, on'}
			<input
				class="field mt-0.5"
				type="date"
				name="nextOn"
				min={today}
				required={isClosing && next === 'look'}
			/>
		</label>
	{/if}
	<div><button class="btn" disabled={form.isBusy}>{isClosing ? 'Record the outcome' : 'Record'}</button></div>
	<FormFault fault={form.fault} />
</form>
