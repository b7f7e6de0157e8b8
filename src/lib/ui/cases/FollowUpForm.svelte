<script lang="ts">
	import type { FollowUpKind } from '$lib/core/triage';
	import { enhance } from '$app/forms';
	import { CaseForm } from './case-form.svelte';
	import ActFields from './ActFields.svelte';
	import FormFault from './FormFault.svelte';

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
		/** Days on which the policy asks by itself: they can be moved. */
		policyDays: readonly (FollowUp & { readonly kind: FollowUpKind })[];
		/** Days that the policy offers, already moved off weekends and holidays. */
		offered: readonly string[];
	}

	let { personId, followUp, chain, today, policyDays, offered }: Props = $props();

	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const short = new Intl.DateTimeFormat('en-GB', {
		weekday: 'short',
		day: 'numeric',
		month: 'short',
		timeZone: 'UTC'
	});
	const day = (iso: string) => new Date(`${iso}T00:00:00Z`);
	let due = $derived(followUp?.due ?? '');
	let next = $state('');
	let isSet = $state(false);
	let isFreeDay = $state(false);
	const setting = new CaseForm((result) => {
		isSet = true;
		isFreeDay = result.isFreeDay === true;
	});
	const finishing = new CaseForm(() => (next = ''));
</script>

{#if followUp}
	<p class="mt-2" class:text-warm={followUp.due <= today}>
		<strong>{date.format(day(followUp.due))}</strong>{#if followUp.reason}: {followUp.reason}{/if}
	</p>
{/if}
<form
	method="POST"
	action="/desk/cases/{personId}?/followUp"
	use:enhance={setting.submit}
	class="no-print mt-2 grid gap-2"
>
	<ActFields form={setting} version={followUp?.version ?? 0} />
	<input type="hidden" name="kind" value="look" />
	<label class="text-note" for="due">Look again on <kbd class="key" aria-hidden="true">F</kbd></label>
	<input class="field" id="due" type="date" name="due" min={today} required bind:value={due} />
	<div class="needs-js flex flex-wrap gap-1.5">
		{#each offered as offer (offer)}
			<button type="button" class="btn btn-small" onclick={() => (due = offer)}
				>{short.format(day(offer))}</button
			>
		{/each}
	</div>
	<label class="text-note">
		What for
		<input
			class="field mt-1"
			name="reason"
			maxlength="300"
			defaultValue={followUp?.reason ?? ''}
			placeholder="Has the footrest arrived?"
		/>
	</label>
	<div class="flex flex-wrap items-center gap-2">
		<button class="btn" disabled={setting.isBusy}>{followUp ? 'Change' : 'Set'}</button>
		<span class="text-note text-cool" role="status"
			>{isSet
				? `Set. It comes up on the day sheet on that day${isFreeDay ? ', a free day where they live' : ''}.`
				: ''}</span
		>
	</div>
	<FormFault fault={setting.fault} />
</form>
{#if followUp}
	<details class="no-print mt-3">
		<summary class="link-button text-note">This follow-up is done …</summary>
		<form
			method="POST"
			action="/desk/cases/{personId}?/done"
			use:enhance={finishing.submit}
			class="mt-2 grid gap-2"
		>
			<ActFields form={finishing} version={followUp.version} />
			<label class="text-note"
				>What came of it <input class="field mt-1" name="outcome" maxlength="300" required /></label
			>
			<label class="text-note"
				>Next one on, if there is one
				<input class="field mt-1" type="date" name="due" min={today} bind:value={next} />
			</label>
			{#if next}<label class="text-note"
					>What for <input class="field mt-1" name="reason" maxlength="300" /></label
				>{/if}
			<div><button class="btn btn-small" disabled={finishing.isBusy}>Done</button></div>
			<FormFault fault={finishing.fault} />
		</form>
	</details>
{/if}
{#each policyDays as policy (policy.kind)}
	<form
		method="POST"
		action="/desk/cases/{personId}?/followUp"
		use:enhance={setting.submit}
		class="no-print mt-3 border-t border-rule pt-2 text-note"
	>
		<ActFields form={setting} version={policy.version} />
		<input type="hidden" name="kind" value={policy.kind} />
		<label>
			{policy.kind === 'check-in' ? 'Asked how it holds on' : 'Next full look on'}, by itself
			<span class="mt-1 flex gap-2">
				<input class="field" type="date" name="due" min={today} required defaultValue={policy.due} />
				<button class="btn btn-small" disabled={setting.isBusy}>Move</button>
			</span>
		</label>
	</form>
{/each}
{#if chain.length > 0}
	<ol class="mt-3 text-note">
		{#each chain as link (link.id)}
			<li class="border-t border-rule py-1">
				<span class="text-ink-soft">{date.format(day(link.due))}</span>
				{link.reason || 'Follow-up'}{link.outcome ? `: ${link.outcome}` : ', done'}
			</li>
		{/each}
	</ol>
{/if}
