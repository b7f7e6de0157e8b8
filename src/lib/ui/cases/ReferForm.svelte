<script lang="ts">
	import { enhance } from '$app/forms';
	import { CaseForm } from './case-form.svelte';
	import ActFields from './ActFields.svelte';
	import FormFault from './FormFault.svelte';

	interface Props {
		personId: string;
		clinicians: readonly { readonly id: string; readonly name: string }[];
		question: string;
		/** The open referral, if there is one. */
		open: { readonly clinicianName: string | null; readonly question: string } | null;
		past: readonly {
			readonly id: string;
			readonly at: Date;
			readonly clinicianName: string | null;
			readonly outcome: string;
		}[];
		isClinician: boolean;
		/** The version of the case that is shown. */
		version: number;
	}

	let { personId, clinicians, question, open, past, isClinician, version }: Props = $props();

	const form = new CaseForm();
	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
</script>

{#if open}
	<p class="mt-2 text-note">
		With <strong>{open.clinicianName ?? 'a clinician'}</strong>: {open.question}
	</p>
	<form
		method="POST"
		action="/desk/cases/{personId}?/endReferral"
		use:enhance={form.submit}
		class="no-print mt-2 grid gap-2"
	>
		<ActFields {form} {version} />
		<label class="text-note"
			>What came of it
			<textarea class="field mt-1 min-h-16" name="outcome" maxlength="2000"></textarea>
		</label>
		<div class="flex flex-wrap gap-3">
			<button class="btn btn-small" disabled={form.isBusy}>End the referral</button>
			<a class="btn btn-small" href="/desk/cases/{personId}/letter">Letter to print</a>
		</div>
	</form>
{:else if isClinician}
	<p class="mt-2 text-note text-ink-soft">This referral has ended.</p>
{:else if clinicians.length === 0}
	<p class="mt-2 text-note text-ink-soft">
		No clinician has an account yet. <a href="/desk/users">Invite one</a>, or print the
		<a href="/desk/cases/{personId}/letter">letter</a>.
	</p>
{:else}
	<form
		method="POST"
		action="/desk/cases/{personId}?/refer"
		use:enhance={form.submit}
		class="no-print mt-2 grid gap-2"
	>
		<ActFields {form} {version} />
		<label class="text-note"
			>Clinician
			<select id="clinician" class="field mt-1" name="clinician" required>
				{#each clinicians as clinician (clinician.id)}<option value={clinician.id}>{clinician.name}</option
					>{/each}
			</select>
		</label>
		<label class="text-note"
			>What you ask
			<textarea class="field mt-1 min-h-16" name="question" maxlength="2000" required>{question}</textarea>
		</label>
		<div class="flex flex-wrap gap-3">
			<button class="btn btn-small" disabled={form.isBusy}>Refer</button>
			<a class="btn btn-small" href="/desk/cases/{personId}/letter">Letter to print</a>
		</div>
	</form>
{/if}
<FormFault fault={form.fault} />
{#each past as referral (referral.id)}
	<p class="mt-1 border-t border-rule py-1 text-note">
		{date.format(referral.at)}, {referral.clinicianName ?? 'a clinician'}: {referral.outcome || 'ended'}
	</p>
{/each}
