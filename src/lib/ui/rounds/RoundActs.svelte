<script lang="ts">
	import { enhanceForm } from '../kit/enhance-form';
	import { CaseForm } from '../cases/case-form.svelte';
	import FormError from '../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import CheckBox from '../kit/CheckBox.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	interface Props {
		state: keyof typeof deskWords.states.rounds;
		version: number;
		/** How many people a draft would be sent to. */
		matches: number;
		/** How many were emailed and have not answered. */
		silent: number;
	}

	let { state, version, matches, silent }: Props = $props();

	const acting = new CaseForm();
</script>

<div>
	<div class="flex flex-wrap items-start gap-2">
		{#if state === 'draft'}
			<form method="POST" action="?/drop" use:enhanceForm={acting.submit}>
				<Button size="desk" isBusy={acting.isBusy}>{texts.deleteDraft}</Button>
			</form>
			<form method="POST" action="?/start" use:enhanceForm={acting.submit}>
				<input type="hidden" name="version" value={version} />
				<input type="hidden" name="expected" value={matches} />
				<Button look="main" size="desk" isBusy={acting.isBusy} disabled={matches === 0}
					>{texts.sendTo(matches)}</Button
				>
			</form>
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
</style>
