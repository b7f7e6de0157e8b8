<script lang="ts">
	import { enhance } from '$app/forms';
	import type { BULK_ACTS } from '$lib/core/people';
	import ActFields from '../cases/ActFields.svelte';
	import { CaseForm } from '../cases/case-form.svelte';
	import FormFault from '../cases/FormFault.svelte';
	import type { PeopleTicks } from './people-ticks.svelte';

	interface Props {
		ticks: PeopleTicks;
		/** The people of this page of the list. */
		lines: readonly { readonly id: string }[];
		total: number;
		/** Whether an act can be for everyone who matches, beyond this page. */
		canTakeAll: boolean;
		/** Whether those who have left are shown. */
		showsLeft: boolean;
		today: string;
		query: string;
	}

	let { ticks, lines, total, canTakeAll, showsLeft, today, query }: Props = $props();

	let act = $state<(typeof BULK_ACTS)[number]>('send');
	const ACTS = $derived({
		send: 'Send a self-assessment',
		'follow-up': 'Set a follow-up',
		team: 'Move to a team',
		...(showsLeft ? { return: 'Take back' } : { leave: 'Mark as left' })
	} as Partial<Record<typeof act, string>>);
	const shownTicked = $derived(lines.filter(({ id }) => ticks.ids.has(id)));
	const n = $derived(ticks.wantsAll ? total : shownTicked.length);
	let done = $state('');
	const bulk = new CaseForm((result) => {
		const told = result.bulk as { n: number } | undefined;
		done = told ? `Done for ${told.n} ${told.n === 1 ? 'person' : 'people'}.` : '';
		ticks.clear();
	});
</script>

{#if n > 0 || done || bulk.fault}
	<section class="bulk" aria-label="Ticked people">
		{#if n > 0}
			<form
				method="POST"
				action="?/bulk&{query}"
				use:enhance={bulk.submit}
				class="flex flex-wrap items-center gap-3"
			>
				<input
					type="hidden"
					name="ids"
					value={ticks.wantsAll ? '' : shownTicked.map(({ id }) => id).join(',')}
				/>
				<ActFields form={bulk} />
				<input type="hidden" name="expected" value={n} />
				<label
					>For these {n}
					<select class="field ml-1 inline-block w-auto" name="act" bind:value={act}>
						{#each Object.entries(ACTS) as [kind, words] (kind)}<option value={kind}>{words}</option>{/each}
					</select>
				</label>
				{#if act === 'team'}
					<label
						>Team <input class="field ml-1 inline-block w-40" name="team" maxlength="80" required /></label
					>
				{:else if act === 'follow-up'}
					<label
						>On <input
							class="field ml-1 inline-block w-40"
							type="date"
							name="due"
							min={today}
							required
						/></label
					>
					<label>For <input class="field ml-1 inline-block w-48" name="reason" maxlength="300" /></label>
				{/if}
				<button class="btn btn-main" disabled={bulk.isBusy}
					>Yes, for {n === 1 ? 'one person' : `${n} people`}</button
				>
				{#if !ticks.wantsAll && canTakeAll && shownTicked.length === lines.length}
					<button type="button" class="link-button text-note" onclick={() => (ticks.wantsAll = true)}
						>All {total} that match</button
					>
				{/if}
				<button type="button" class="link-button text-note" onclick={() => ticks.clear()}>Untick</button>
			</form>
		{/if}
		<p role="status" class="text-cool">{done}</p>
		<FormFault fault={bulk.fault} />
	</section>
{/if}

<style>
	.bulk {
		margin-top: 0.75rem;
		padding: 0.6rem 0.8rem;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
</style>
