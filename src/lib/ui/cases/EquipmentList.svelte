<script lang="ts">
	import { enhance } from '$app/forms';
	import type { RequestState } from '$lib/core/equipment';
	import type { PurchaseId } from '$lib/core/plan';
	import type { Catalogue } from '$lib/messages';
	import { CaseForm } from './case-form.svelte';
	import ActFields from './ActFields.svelte';
	import FormFault from './FormFault.svelte';

	interface Request {
		readonly id: string;
		readonly purchase: PurchaseId;
		readonly state: RequestState;
		readonly reason: string;
		readonly version: number;
	}

	interface Props {
		requests: readonly Request[];
		personId: string;
		t: Catalogue;
		/** Whether the reader may decide; a clinician only looks. */
		canDecide: boolean;
	}

	let { requests, personId, t, canDecide }: Props = $props();

	const WORDS: Readonly<Record<RequestState, string>> = {
		asked: 'asked for',
		approved: 'approved',
		declined: 'declined',
		sent: 'on its way',
		arrived: 'arrived'
	};
	const form = new CaseForm(() => (declining = null));
	let declining = $state<string | null>(null);
</script>

{#snippet act(request: Request, to: RequestState, words: string)}
	<form method="POST" action="/desk/cases/{personId}?/equipment" use:enhance={form.submit}>
		<ActFields {form} />
		<input type="hidden" name="request" value={request.id} />
		<input type="hidden" name="version" value={request.version} />
		<button class="btn btn-small" name="to" value={to} data-act={to} disabled={form.isBusy}>{words}</button>
	</form>
{/snippet}

<ul>
	{#each requests as request (request.id)}
		<li class="border-b border-rule py-2 text-note">
			<p>
				<span class="font-semibold">{t.open.buy[request.purchase]}</span>: {WORDS[
					request.state
				]}{#if request.reason}
					({request.reason}){/if}
			</p>
			{#if canDecide}
				<div class="mt-1.5 flex flex-wrap gap-2">
					{#if request.state === 'asked'}
						{@render act(request, 'approved', 'Approve')}
						<button
							type="button"
							class="btn btn-small"
							aria-expanded={declining === request.id}
							onclick={() => (declining = declining === request.id ? null : request.id)}>Decline …</button
						>
					{:else if request.state === 'approved'}
						{@render act(request, 'sent', 'It is on its way')}
					{:else if request.state === 'sent'}
						{@render act(request, 'arrived', 'It has arrived')}
					{:else if request.state === 'declined'}
						{@render act(request, 'asked', 'Take up again')}
					{/if}
				</div>
				{#if declining === request.id}
					<form
						method="POST"
						action="/desk/cases/{personId}?/equipment"
						use:enhance={form.submit}
						class="mt-2 grid gap-2"
					>
						<ActFields {form} />
						<input type="hidden" name="request" value={request.id} />
						<input type="hidden" name="version" value={request.version} />
						<input type="hidden" name="to" value="declined" />
						<label
							>Why, as the person reads it
							<input class="field mt-1" name="reason" maxlength="300" required />
						</label>
						<div><button class="btn btn-small" disabled={form.isBusy}>Decline</button></div>
					</form>
				{/if}
			{/if}
		</li>
	{/each}
</ul>
<FormFault fault={form.fault} />
