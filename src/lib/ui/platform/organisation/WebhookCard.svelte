<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { deskWords } from '$lib/messages/desk';
	import { dayWords, momentWords } from '$lib/messages/dates';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import Disclosure from '../kit/Disclosure.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import Notice from '../kit/Notice.svelte';
	import WebhookForm from './WebhookForm.svelte';

	interface Message {
		readonly number: string;
		readonly kind: keyof typeof texts.kindNames;
		readonly queuedAt: Date;
		readonly nextTryAt: Date | null;
		readonly takenAt: Date | null;
		readonly fault: string;
	}

	interface Props {
		webhook: NonNullable<ComponentProps<typeof WebhookForm>['webhook']> & {
			readonly secret: string;
			readonly failingSince: Date | null;
			readonly waiting: number;
			readonly givenUp: number;
			readonly newest: readonly Message[];
		};
		timeZone: string;
		tell: (words: string, kind?: 'done' | 'caution') => void;
	}

	let { webhook, timeZone, tell }: Props = $props();

	const { webhooks: texts, cover } = deskWords.organisation;

	type Tried = { result?: { isTaken: boolean; fault?: string } };
	const trial = new CaseForm((data) => {
		const { result } = data as Tried;
		if (result?.isTaken) tell(texts.taken);
		else tell(texts.notTaken(faultWords(result?.fault ?? '')), 'caution');
	});
	const removal = new CaseForm(() => tell(texts.removed));

	/** What an attempt met, in words: a status that the receiver answered with, or why nobody answered. */
	const faultWords = (fault: string): string =>
		/^\d+$/.test(fault) ? texts.faults.status(fault) : texts.faults.unreachable;

	function resultOf({ kind, takenAt, nextTryAt, fault }: Message): string {
		if (takenAt) return texts.results.taken;
		if (nextTryAt) return fault === '' ? texts.results.waiting : texts.results.again(faultWords(fault));
		return kind === 'test'
			? texts.results.notTaken(faultWords(fault))
			: texts.results.givenUp(faultWords(fault));
	}
</script>

<article class="mt-4 border border-rule bg-sheet p-4">
	<h2 class="text-lead">{texts.state(webhook.name, webhook.isOn)}</h2>
	<p class="num text-note break-all text-ink-soft">{webhook.url}</p>
	{#if webhook.failingSince}
		<div class="mt-2"><Notice kind="caution">{texts.failing(dayWords(webhook.failingSince))}</Notice></div>
	{/if}
	<p class="mt-2 text-note">{texts.counts(webhook.waiting, webhook.givenUp)}</p>

	{#if webhook.newest.length === 0}
		<p class="mt-2 text-note text-ink-soft">{texts.noMessages}</p>
	{:else}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="mt-2 overflow-x-auto" role="region" aria-label={texts.newest} tabindex="0">
			<table class="w-full text-note">
				<caption class="text-start font-semibold">{texts.newest}</caption>
				<thead>
					<tr class="border-b border-rule text-start">
						{#each Object.values(texts.columns) as heading (heading)}
							<th scope="col" class="py-1 pe-4 text-start font-semibold">{heading}</th>
						{/each}
					</tr>
				</thead>
				<tbody>
					{#each webhook.newest as message (message.number)}
						<tr class="border-b border-rule">
							<td class="py-1 pe-4 whitespace-nowrap">{momentWords(message.queuedAt, timeZone)}</td>
							<td class="py-1 pe-4">{message.kind}</td>
							<td class="num py-1 pe-4">{message.number.slice(0, 8)}…</td>
							<td class="py-1">{resultOf(message)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}

	<p class="mt-3 font-semibold">{texts.secret}</p>
	<p class="num text-note break-all">{webhook.secret}</p>
	<p class="max-w-prose text-note text-ink-soft">{cover.secretHint}</p>

	<div class="mt-3 flex flex-wrap gap-3">
		<form method="POST" action="?/try" use:enhanceForm={trial.submit}>
			<input type="hidden" name="webhook" value={webhook.id} />
			<Button size="desk" isBusy={trial.isBusy}>{texts.test}</Button>
			<FormError fault={trial.fault} />
		</form>
		<form method="POST" action="?/remove" use:enhanceForm={removal.submit}>
			<input type="hidden" name="webhook" value={webhook.id} />
			<Button look="quiet" size="desk" isBusy={removal.isBusy}>{texts.remove}</Button>
			<FormError fault={removal.fault} />
		</form>
	</div>
	<div class="mt-3">
		<Disclosure words={texts.change}>
			<WebhookForm {webhook} onsaved={() => tell(texts.saved)} />
		</Disclosure>
	</div>
</article>
