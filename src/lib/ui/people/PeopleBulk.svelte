<script lang="ts">
	import TextField from '../platform/kit/TextField.svelte';
	import Select from '../platform/kit/Select.svelte';
	import Button from '../platform/kit/Button.svelte';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { BULK_ACTS } from '$lib/core/people';
	import ActFields from '../cases/ActFields.svelte';
	import DayField from '../cases/DayField.svelte';
	import { CaseForm } from '../cases/case-form.svelte';
	import FormError from '../cases/FormError.svelte';
	import type { ExclusionReason, ExcludedGroup } from '$lib/core/platform/sending';
	import { leftOutWords } from '$lib/messages/desk/left-out-words';
	import type { PeopleTicks } from './people-ticks.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		ticks: PeopleTicks;
		/** The people on this page of the list. */
		lines: readonly {
			readonly id: string;
			readonly name: string;
			readonly leftOut: ExclusionReason | null;
		}[];
		total: number;
		/** Whether an act can be for everyone who matches, beyond this page. */
		canTakeAll: boolean;
		showsLeft: boolean;
		today: string;
		query: string;
	}

	let { ticks, lines, total, canTakeAll, showsLeft, today, query }: Props = $props();

	let act = $state<(typeof BULK_ACTS)[number]>('send');
	const ACTS = $derived({
		send: texts.sendSelfAssessment,
		'follow-up': texts.setFollowUp,
		team: texts.moveToTeam,
		...(showsLeft ? { return: texts.markReturned } : { leave: texts.markLeaver })
	} as Partial<Record<typeof act, string>>);
	const shownTicked = $derived(lines.filter(({ id }) => ticks.ids.has(id)));
	const n = $derived(ticks.wantsAll ? total : shownTicked.length);
	/** Selected people who would be left out. */
	const out = $derived(
		act === 'send' && !ticks.wantsAll ? shownTicked.filter(({ leftOut }) => leftOut !== null) : []
	);
	let done = $state('');
	const bulk = new CaseForm((result) => {
		const told = result.bulk as { n: number; leftOut: readonly ExcludedGroup[] } | undefined;
		const left = told?.leftOut.map(leftOutWords).join('; ') ?? '';
		done = told ? texts.doneFor(told.n, left) : '';
		ticks.clear();
	});
</script>

{#if n > 0 || done || bulk.fault}
	<section class="bulk" aria-label={texts.selectedPeople}>
		{#if n > 0}
			<form
				method="POST"
				action="?/bulk&{query}"
				use:enhanceForm={bulk.submit}
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
					label={texts.forSelected(n)}
					size="desk"
					value={act}
					options={Object.entries(ACTS).map(([value, words]) => ({ value, words }))}
					onchange={(value) => (act = BULK_ACTS.find((one) => one === value) ?? act)}
				/>
				{#if act === 'team'}
					<TextField
						id="bulk-team"
						name="team"
						label={texts.team}
						value=""
						size="desk"
						maxlength={80}
						isRequired
					/>
				{:else if act === 'follow-up'}
					<DayField id="bulk-due" name="due" label={texts.onDay} least={today} isRequired />
					<TextField
						id="bulk-reason"
						name="reason"
						label={texts.reason}
						value=""
						size="desk"
						maxlength={300}
					/>
				{/if}
				<Button look="main" size="desk" isBusy={bulk.isBusy}>{texts.confirmFor(n - out.length)}</Button>
				{#if !ticks.wantsAll && canTakeAll && shownTicked.length === lines.length}
					<Button look="quiet" size="desk" type="button" onclick={() => (ticks.wantsAll = true)}
						>{texts.selectAllMatching(total)}</Button
					>
				{/if}
				<Button look="quiet" size="desk" type="button" onclick={() => ticks.clear()}
					>{texts.clearSelection}</Button
				>
			</form>
			{#if out.length > 0}
				<p class="mt-2 text-note">
					{texts.leftOut(
						out
							.map(({ name, leftOut }) =>
								leftOut ? `${name} (${deskWords.leftOut.reasons[leftOut]})` : name
							)
							.join(', ')
					)}
				</p>
			{:else if act === 'send' && ticks.wantsAll}
				<p class="mt-2 text-note">
					{texts.leftOutRule}
				</p>
			{/if}
		{/if}
		<p role="status" class="text-cool">{done}</p>
		<FormError fault={bulk.fault} />
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
