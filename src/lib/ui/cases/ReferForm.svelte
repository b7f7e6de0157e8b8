<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { CONSENT_WAYS } from '$lib/core/cases/referral/consent';
	import { dayWords } from '$lib/messages/dates';
	import type { ComponentProps } from 'svelte';
	import Button from '../platform/kit/Button.svelte';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import Select from '../platform/kit/Select.svelte';
	import TextArea from '../platform/kit/TextArea.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import ReferralThread from './referrals/ReferralThread.svelte';
	import KeyWords from '../platform/shortcuts/KeyWords.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import DayField from './DayField.svelte';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	type Referral = ComponentProps<typeof ReferralThread>['referral'] & {
		readonly at: Date;
		readonly clinicianId: string | null;
		readonly clinicianName: string;
		readonly question: string;
		readonly answerBy: string | null;
	};

	interface Props {
		personId: string;
		personName: string;
		clinicians: readonly { readonly id: string; readonly name: string }[];
		question: string;
		/** All referrals, newest first. */
		referrals: readonly Referral[];
		/** The version of the case as shown. */
		version: number;
		today: string;
		timeZone: string;
	}

	let { personId, personName, clinicians, question, referrals, version, today, timeZone }: Props = $props();

	const action = $derived(`/desk/cases/${personId}`);
	const open = $derived(referrals.find(({ endedAt }) => endedAt === null) ?? null);
	const past = $derived(referrals.filter((one) => one !== open));
	const form = new CaseForm();
	const first = $derived(clinicians[0]?.id ?? '');
	let asked = $derived(first);
	let consentHow = $state('');
</script>

{#if open}
	<p class="text-note">
		{texts.referredTo} <strong>{texts.clinicianName(open.clinicianName)}</strong>
		{texts.referralSince(dayWords(open.at), open.answerBy && dayWords(open.answerBy), open.question)}
	</p>
	<p class="text-note">
		<a href={open.clinicianId ? `/desk/referrals/${open.id}` : `${action}/letter`}>{texts.referralLetter}</a>
	</p>
	<ReferralThread referral={open} {action} isClinician={false} {timeZone} />
{:else}
	<form method="POST" action="{action}?/refer" use:enhanceForm={form.submit} class="no-print grid gap-2">
		<ActFields {form} {version} />
		<Select
			name="clinician"
			label={texts.clinician}
			size="desk"
			value={asked}
			options={[
				...clinicians.map(({ id, name }) => ({ value: id, words: name })),
				{ value: '', words: texts.byPrintedLetter }
			]}
			onchange={(id) => (asked = id)}
		/>
		{#if asked === ''}
			<TextField
				name="toName"
				id="referral-to"
				label={texts.to}
				value=""
				size="desk"
				maxlength={120}
				placeholder={texts.theirDoctor}
				isRequired
			/>
		{/if}
		<TextArea
			name="question"
			id="referral-question"
			label={texts.yourQuestion}
			size="desk"
			rows={3}
			maxlength={2000}
			value={question}
			isRequired
		/>
		<ChoiceRows
			name="consentHow"
			legend={texts.consentQuestion}
			look="wrap"
			options={CONSENT_WAYS.map((value) => ({
				value,
				words: texts.consentWay(value === 'spoken')
			}))}
			value={consentHow}
			onchange={(value) => (consentHow = value)}
		/>
		<DayField id="answer-by" name="answerBy" label={texts.answerNeededBy} least={today} />
		<div class="flex flex-wrap items-center gap-3">
			<Button size="desk" isBusy={form.isBusy}><KeyWords act="refer" /></Button>
			<Button size="desk" look="quiet" href="{action}/letter">{texts.previewLetter}</Button>
		</div>
		{#if consentHow === ''}
			<p class="text-note text-ink-soft">
				{texts.askConsentFirst(personName, deskWords.letter.consent.spoken)}
			</p>
		{/if}
	</form>
	<FormError fault={form.fault} />
{/if}
{#each past as referral (referral.id)}
	<div class="mt-3 border-t border-rule pt-2">
		<p class="text-note">
			{texts.askedClinician({
				at: dayWords(referral.at),
				clinicianName: referral.clinicianName,
				question: referral.question
			})}
		</p>
		<ReferralThread {referral} {action} isClinician={false} {timeZone} />
	</div>
{/each}
