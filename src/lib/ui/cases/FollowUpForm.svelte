<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import type { FollowUpKind } from '$lib/core/cases/triage/follow-up-kinds';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { CaseForm } from './case-form.svelte';
	import ActFields from './ActFields.svelte';
	import Button from '../platform/kit/Button.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { ACT_KEYS } from '../platform/shortcuts/act-keys';
	import DayField from './DayField.svelte';
	import FinishForm from './FinishForm.svelte';
	import FormError from './FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface FollowUp {
		readonly due: string;
		readonly reason: string;
		readonly version: number;
	}

	interface Props {
		personId: string;
		followUp: FollowUp | null;
		chain: readonly {
			readonly id: string;
			readonly due: string;
			readonly reason: string;
			readonly outcome: string;
			readonly doneAt: Date | null;
		}[];
		today: string;
		/** Days set automatically by the policy: they can be moved. */
		policyDays: readonly (FollowUp & { readonly kind: FollowUpKind })[];
		/** Days offered by the policy, already moved to working days. */
		offered: readonly string[];
	}

	let { personId, followUp, chain, today, policyDays, offered }: Props = $props();

	const day = (iso: string) => new Date(`${iso}T00:00:00Z`);
	/** What is chosen stays while the page is read again with the same day. */
	const set = $derived(followUp?.due ?? '');
	let due = $derived(set);
	let isSet = $state(false);
	let isFreeDay = $state(false);
	const setting = new CaseForm((result) => {
		isSet = true;
		isFreeDay = result.isFreeDay === true;
	});
</script>

{#if followUp}
	<p class="mt-2" class:text-warm={followUp.due <= today}>
		<strong>{dayWords(day(followUp.due))}</strong>{#if followUp.reason}: {followUp.reason}{/if}
	</p>
{/if}
<form
	method="POST"
	action="/desk/cases/{personId}?/followUp"
	use:enhanceForm={setting.submit}
	class="no-print mt-2 grid gap-2"
>
	<ActFields form={setting} version={followUp?.version ?? 0} />
	<input type="hidden" name="kind" value="look" />
	<DayField
		id="due"
		name="due"
		label={texts.actOn(ACT_KEYS.followUp.words)}
		least={today}
		isRequired
		value={due}
		onchange={(value) => (due = value)}
	/>
	<div class="needs-js flex flex-wrap gap-1.5">
		{#each offered as offer (offer)}
			<Button type="button" size="desk" onclick={() => (due = offer)}
				>{dayWords(day(offer), 'weekday')}</Button
			>
		{/each}
	</div>
	<TextField
		name="reason"
		id="follow-up-reason"
		label={texts.reason}
		value={followUp?.reason ?? ''}
		size="desk"
		maxlength={300}
		placeholder={texts.reasonExample}
	/>
	<div class="flex flex-wrap items-center gap-2">
		<Button size="desk" isBusy={setting.isBusy}>{texts.setOrChange(Boolean(followUp))}</Button>
		<span class="text-note text-cool" role="status">{texts.followUpSet(isSet, isFreeDay)}</span>
	</div>
	<FormError fault={setting.fault} />
</form>
{#if followUp}
	<div class="no-print"><FinishForm {personId} {followUp} {today} /></div>
{/if}
{#each policyDays as policy (policy.kind)}
	<form
		method="POST"
		action="/desk/cases/{personId}?/followUp"
		use:enhanceForm={setting.submit}
		class="no-print mt-3 border-t border-rule pt-2 text-note"
	>
		<ActFields form={setting} version={policy.version} />
		<input type="hidden" name="kind" value={policy.kind} />
		<DayField
			name="due"
			label={texts.automaticEmailOn(policy.kind === 'check-in')}
			least={today}
			isRequired
			value={policy.due}
		/>
		<div class="mt-1"><Button size="desk" isBusy={setting.isBusy}>{texts.move}</Button></div>
	</form>
{/each}
{#if chain.length > 0}
	<ol class="mt-3 text-note">
		{#each chain as link (link.id)}
			<li class="border-t border-rule py-1">
				<span class="text-ink-soft">{dayWords(day(link.due))}</span>
				{texts.followUpDone(link.reason, link.outcome)}
			</li>
		{/each}
	</ol>
{/if}
