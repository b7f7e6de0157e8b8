<script lang="ts">
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import { dayWords, momentWords } from '$lib/messages/dates';
	import ActFields from '../ActFields.svelte';
	import { CaseForm } from '../case-form.svelte';
	import { readDraft, storeDraft } from '../drafts';
	import FormError from '../FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import TextArea from '../../platform/kit/TextArea.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.referrals;

	interface Props {
		/** The referral being written about; ended ones are read-only. */
		referral: {
			readonly id: string;
			readonly endedAt: Date | null;
			readonly outcome: string;
			readonly lines: readonly {
				readonly id: string;
				readonly at: Date;
				readonly text: string;
				readonly isFromClinician: boolean;
				readonly authorName: string | null;
			}[];
		};
		/** URL of the forms, before the name of the act. */
		action: string;
		isClinician: boolean;
		timeZone: string;
	}

	let { referral, action, isClinician, timeZone }: Props = $props();

	const key = $derived(`referral ${referral.id}`);
	let text = $derived(readDraft(key, ''));
	const form = new CaseForm(() => {
		storeDraft(key, '', '');
		text = '';
	});
	const keep = (typed: string) => {
		text = typed;
		storeDraft(key, typed, '');
	};
</script>

<ol>
	{#each referral.lines as line (line.id)}
		<li class="border-b border-rule py-2 text-note" class:theirs={line.isFromClinician}>
			<p class="text-ink-soft">
				<span class="font-semibold text-ink">{texts.author(line.authorName)}</span>, {momentWords(
					line.at,
					timeZone
				)}
			</p>
			<p class="mt-0.5 whitespace-pre-wrap">{line.text}</p>
		</li>
	{/each}
</ol>
{#if referral.endedAt}
	<p class="mt-2 text-note">
		{texts.closedOn(
			dayWords(referral.endedAt),
			referral.lines.some(({ text: said }) => said === referral.outcome),
			referral.outcome
		)}
	</p>
{:else}
	<form
		method="POST"
		action="{action}?/writeReferral"
		use:enhanceForm={form.submit}
		class="no-print mt-2 grid gap-2"
	>
		<ActFields {form} />
		<input type="hidden" name="referral" value={referral.id} />
		<TextArea
			id="referral-text"
			name="text"
			label={texts.replyLabel(isClinician)}
			size="desk"
			rows={4}
			maxlength={2000}
			value={text}
			oninput={keep}
		/>
		<div class="flex flex-wrap gap-3">
			<Button
				size="desk"
				look={isClinician ? 'main' : 'plain'}
				formaction="{action}?/endReferral"
				isBusy={form.isBusy}>{texts.closeReferral(isClinician)}</Button
			>
			<Button size="desk" isBusy={form.isBusy}>{texts.sendReply(isClinician)}</Button>
		</div>
		<p class="text-note text-ink-soft">
			{texts.replyHint(isClinician)}
		</p>
	</form>
	<FormError fault={form.fault} />
{/if}

<style>
	.theirs {
		padding-inline-start: 0.75rem;
		border-inline-start: 3px solid var(--cool);
	}
</style>
