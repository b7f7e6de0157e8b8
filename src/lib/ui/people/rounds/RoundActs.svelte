<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { formattedNumber } from '$lib/messages/desk/workforce-words';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import DayField from '../../cases/DayField.svelte';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import TextArea from '../../platform/kit/TextArea.svelte';
	import TextField from '../../platform/kit/TextField.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	interface Props {
		round: {
			readonly state: keyof typeof deskWords.states.rounds;
			readonly version: number;
			readonly pausedAt: Date | null;
			/** First and last day, ISO. */
			readonly startsOn: string;
			readonly dueOn: string;
			readonly subject: string;
			readonly body: string;
		};
		/** How many people a draft would be sent to. */
		matches: number;
		/** How many were emailed and have not answered. */
		silent: number;
		/** How many invitations are not written yet. */
		waiting: number;
		/** Working days after the invitation at which people are reminded. */
		reminderDays: readonly number[];
	}

	let { round, matches, silent, waiting, reminderDays }: Props = $props();

	const { state, version } = $derived(round);
	const isPaused = $derived(round.pausedAt !== null);

	const acting = new CaseForm();
</script>

<div>
	<div class="flex flex-wrap items-start gap-2">
		{#if state === 'draft'}
			<form method="POST" action="?/drop" use:enhanceForm={acting.submit}>
				<input type="hidden" name="version" value={version} />
				<Button size="desk" isBusy={acting.isBusy}>{texts.deleteDraft}</Button>
			</form>
			{#if matches > 0}
				<details>
					<summary class="kit-button main desk">{texts.sendMenu(matches)}</summary>
					<form method="POST" action="?/start" use:enhanceForm={acting.submit} class="sure">
						<input type="hidden" name="version" value={version} />
						<input type="hidden" name="expected" value={matches} />
						<p class="text-note">
							{texts.sendHint(
								dayWords(round.startsOn, 'medium'),
								deskCatalogue().lists.and(reminderDays.map((days) => formattedNumber(days)))
							)}
							<a href="/desk/organisation/emails?kind=reminder">{texts.seeReminder}</a>
						</p>
						<Button look="main" size="desk" isBusy={acting.isBusy}>{texts.sendTo(matches)}</Button>
					</form>
				</details>
			{/if}
		{:else if state === 'closed'}
			<details>
				<summary class="kit-button plain desk">{texts.reopenMenu}</summary>
				<form method="POST" action="?/reopen" use:enhanceForm={acting.submit} class="sure">
					<input type="hidden" name="version" value={version} />
					<p class="text-note">
						{texts.reopenHint}
					</p>
					<Button look="main" size="desk" isBusy={acting.isBusy}>{texts.confirmReopening}</Button>
				</form>
			</details>
		{:else}
			<form method="POST" action="?/pause" use:enhanceForm={acting.submit}>
				<input type="hidden" name="version" value={version} />
				<Button
					name="paused"
					value={isPaused ? 'no' : 'yes'}
					look={isPaused ? 'main' : 'plain'}
					size="desk"
					isBusy={acting.isBusy}>{isPaused ? texts.resume : texts.pause}</Button
				>
			</form>
			<details>
				<summary class="kit-button plain desk">{texts.correctMenu}</summary>
				<form method="POST" action="?/correct" use:enhanceForm={acting.submit} class="sure fields">
					<input type="hidden" name="version" value={version} />
					<p class="text-note">{texts.correctHint(waiting)}</p>
					<DayField id="correct-due" name="dueOn" label={texts.lastDay} value={round.dueOn} isRequired />
					<TextField
						id="correct-subject"
						name="subject"
						label={texts.subject}
						size="desk"
						value={round.subject}
						maxlength={150}
						isRequired
					/>
					{#if waiting > 0}
						<TextArea
							id="correct-body"
							name="body"
							label={texts.body}
							size="desk"
							rows={8}
							value={round.body}
							maxlength={5000}
							isRequired
						/>
					{:else}<input type="hidden" name="body" value={round.body} />{/if}
					<p><Button look="main" size="desk" isBusy={acting.isBusy}>{texts.saveCorrection}</Button></p>
				</form>
			</details>
			<details>
				<summary class="kit-button plain desk">{texts.closeMenu}</summary>
				<form method="POST" action="?/close" use:enhanceForm={acting.submit} class="sure">
					<input type="hidden" name="version" value={version} />
					<p class="text-note">
						{texts.closeHint}
					</p>
					{#if silent > 0}
						<CheckBox name="callSilent" words={texts.addToCallList(silent)} size="desk" isChecked={true} />
					{/if}
					<Button look="main" size="desk" isBusy={acting.isBusy}>{texts.confirmClosing}</Button>
				</form>
			</details>
		{/if}
	</div>
	{#if isPaused}<p class="mt-2 max-w-prose text-note">{texts.pausedHint}</p>{/if}
	<FormError fault={acting.fault} />
</div>

<style>
	details {
		position: relative;
	}
	.sure {
		position: absolute;
		inset-inline-end: 0;
		z-index: 5;
		display: grid;
		gap: 0.5rem;
		justify-items: start;
		width: min(24rem, 90vw);
		margin-top: 0.3rem;
		padding: 0.75rem 0.9rem;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
	.fields {
		justify-items: stretch;
	}
</style>
