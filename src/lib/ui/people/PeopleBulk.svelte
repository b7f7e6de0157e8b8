<script lang="ts">
	import TextField from '../kit/TextField.svelte';
	import Select from '../kit/Select.svelte';
	import Button from '../kit/Button.svelte';
	import { enhance } from '$app/forms';
	import { BULK_ACTS } from '$lib/core/people';
	import ActFields from '../cases/ActFields.svelte';
	import DayField from '../cases/DayField.svelte';
	import { CaseForm } from '../cases/case-form.svelte';
	import FormFault from '../cases/FormFault.svelte';
	import type { LeftOut, LeftOutGroup } from '$lib/core/sending';
	import { leftOutWords, LEFT_OUT_WORDS } from '../rounds/left-out-words';
	import type { PeopleTicks } from './people-ticks.svelte';

	interface Props {
		ticks: PeopleTicks;
		/** The people of this page of the list. */
		lines: readonly { readonly id: string; readonly name: string; readonly leftOut: LeftOut | null }[];
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
	/** Who is ticked and would not be sent to. */
	const out = $derived(
		act === 'send' && !ticks.wantsAll ? shownTicked.filter(({ leftOut }) => leftOut !== null) : []
	);
	let done = $state('');
	const bulk = new CaseForm((result) => {
		const told = result.bulk as { n: number; leftOut: readonly LeftOutGroup[] } | undefined;
		const left = told?.leftOut.map(leftOutWords).join('; ') ?? '';
		done = told
			? `Done for ${told.n} ${told.n === 1 ? 'person' : 'people'}.${left ? ` Left out: ${left}.` : ''}`
			: '';
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
				class="flex flex-wrap items-end gap-3"
			>
				<input
					type="hidden"
					name="ids"
					value={ticks.wantsAll ? '' : shownTicked.map(({ id }) => id).join(',')}
				/>
				<ActFields form={bulk} />
				<input type="hidden" name="expected" value={n} />
				<Select
					name="act"
					id="bulk-act"
					label="For these {n}"
					size="desk"
					value={act}
					options={Object.entries(ACTS).map(([value, words]) => ({ value, words }))}
					onchange={(value) => (act = BULK_ACTS.find((one) => one === value) ?? act)}
				/>
				{#if act === 'team'}
					<TextField id="bulk-team" name="team" label="Team" value="" size="desk" maxlength={80} isRequired />
				{:else if act === 'follow-up'}
					<DayField id="bulk-due" name="due" label="On" least={today} isRequired />
					<TextField id="bulk-reason" name="reason" label="For" value="" size="desk" maxlength={300} />
				{/if}
				<Button look="main" size="desk" isBusy={bulk.isBusy}
					>Yes, for {n - out.length === 1 ? 'one person' : `${n - out.length} people`}</Button
				>
				{#if !ticks.wantsAll && canTakeAll && shownTicked.length === lines.length}
					<Button look="quiet" size="desk" type="button" onclick={() => (ticks.wantsAll = true)}
						>All {total} that match</Button
					>
				{/if}
				<Button look="quiet" size="desk" type="button" onclick={() => ticks.clear()}>Untick</Button>
			</form>
			{#if out.length > 0}
				<p class="mt-2 text-note">
					Left out: {out
						.map(({ name, leftOut }) => (leftOut ? `${name} (${LEFT_OUT_WORDS[leftOut]})` : name))
						.join(', ')}. Each can be sent one from their own case.
				</p>
			{:else if act === 'send' && ticks.wantsAll}
				<p class="mt-2 text-note">
					Who is with a clinician, has something grave open, or is answering or has just answered is left out;
					you see who that was.
				</p>
			{/if}
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
