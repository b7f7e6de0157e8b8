<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	interface Silent {
		readonly personId: string;
		readonly name: string;
		readonly team: string;
		readonly state: string;
		readonly toCall: boolean;
		readonly reminders: number;
		readonly remindOn: string | null;
		readonly isBeingReminded: boolean;
		readonly canBeNudged: boolean;
	}

	interface Props {
		silent: readonly Silent[];
		/** How many can be reminded now. */
		nudgeable: number;
		isOut: boolean;
		/** How many reminders the policy has. */
		mostReminders: number;
	}

	let { silent, nudgeable, isOut, mostReminders }: Props = $props();

	let done = $state('');
	const nudging = new CaseForm(({ nudged }) => {
		const n = Number(nudged);
		done = texts.reminding(n);
	});

	/** The state of someone who has not answered. */
	function standing({ state, toCall, reminders, remindOn, isBeingReminded }: Silent): string {
		if (state === 'bounced') return texts.emailReturned;
		if (toCall) return 'call';
		const on = isBeingReminded ? 'now' : remindOn && dayWords(remindOn, 'medium');
		const next = on && isOut ? texts.nextReminder(on) : '';
		return texts.reminders(reminders, mostReminders, next);
	}
</script>

<section>
	<div class="flex flex-wrap items-end justify-between gap-x-4 border-b border-ink pb-1.5">
		<h2 class="text-lead">{texts.notAnswered}</h2>
		{#if nudgeable > 0}
			<form method="POST" action="?/nudge" use:enhanceForm={nudging.submit}>
				<input type="hidden" name="expected" value={nudgeable} />
				<Button size="desk" isBusy={nudging.isBusy}>{texts.remindMany(nudgeable)}</Button>
			</form>
		{/if}
	</div>
	<FormError fault={nudging.fault} />
	<p class="text-note text-cool" role="status">{done}</p>
	{#if isOut && silent.length > 0}
		<p class="mt-1 text-note text-ink-soft">
			{texts.remindHint}
		</p>
	{/if}
	{#if silent.length === 0}<p class="mt-2 text-ink-soft">{texts.everyoneAnswered}</p>{/if}
	<ul>
		{#each silent as line (line.personId)}
			<li class="silent">
				<span
					><a class="font-semibold text-ink" href="/desk/cases/{line.personId}">{line.name}</a>
					<span class="text-ink-soft">{line.team}</span></span
				>
				<span class="flex items-center gap-3">
					<span class:text-warm={line.toCall || line.state === 'bounced'}>{standing(line)}</span>
					{#if isOut && line.canBeNudged}
						<form method="POST" action="?/nudge" use:enhanceForm={nudging.submit}>
							<input type="hidden" name="expected" value="1" />
							<input type="hidden" name="person" value={line.personId} />
							<Button look="quiet" size="desk" isBusy={nudging.isBusy} aria-label={texts.remindOne(line.name)}
								>{texts.remindNow}</Button
							>
						</form>
					{/if}
				</span>
			</li>
		{/each}
	</ul>
	{#if silent.length === 100}<p class="mt-1 text-note text-ink-soft">{texts.firstHundred}</p>{/if}
</section>

<style>
	.silent {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 0 1rem;
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--text-note);
	}
	.silent :global(.kit-button) {
		min-height: 1.5rem;
		padding-block: 0;
	}
</style>
