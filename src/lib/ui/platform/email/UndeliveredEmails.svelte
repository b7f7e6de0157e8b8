<script lang="ts">
	import { enhanceForm } from '../kit/enhance-form';
	import type { UndeliveredState } from '$lib/core/platform/sending/letter-states';
	import { deskWords } from '$lib/messages/desk';
	import { dayWords } from '$lib/messages/dates';
	import Button from '../kit/Button.svelte';

	interface Props {
		undelivered: {
			/** The total; there may be fewer lines. */
			readonly all: number;
			readonly lines: readonly {
				readonly id: string;
				readonly personId: string | null;
				readonly toName: string;
				readonly subject: string;
				readonly round: string | null;
				readonly writtenAt: Date;
				readonly state: UndeliveredState;
				readonly tries: number;
				readonly fault: string;
			}[];
		};
	}

	let { undelivered }: Props = $props();

	const texts = deskWords.waitingEmails;
	const canTryAgain = $derived(undelivered.lines.some(({ state }) => state !== 'bounced'));
</script>

<section class="mt-8" aria-labelledby="undelivered">
	<div class="flex flex-wrap items-baseline justify-between gap-3">
		<h2 id="undelivered" class="text-head">{texts.undeliveredHeading(undelivered.all)}</h2>
		{#if canTryAgain}
			<form method="POST" action="?/again" use:enhanceForm>
				<Button look="main" size="desk">{texts.tryAllAgain}</Button>
			</form>
		{/if}
	</div>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.undeliveredLead}</p>
	<table class="mt-3 w-full border-collapse">
		<thead>
			<tr class="border-b border-ink text-start text-note text-ink-soft">
				<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.to}</th>
				<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.about}</th>
				<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.written}</th>
				<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.whatHappened}</th>
				<th class="py-1.5 font-semibold" scope="col"><span class="sr-only">{texts.tryAgain}</span></th>
			</tr>
		</thead>
		<tbody>
			{#each undelivered.lines as line (line.id)}
				<tr class="border-b border-rule align-top">
					<th class="py-1.5 pe-4 text-start font-semibold" scope="row">
						{#if line.personId}<a href="/desk/cases/{line.personId}">{line.toName}</a
							>{:else}{line.toName}{/if}
					</th>
					<td class="py-1.5 pe-4">
						{line.subject}
						{#if line.round}<span class="block text-note text-ink-soft">{texts.ofRound(line.round)}</span
							>{/if}
					</td>
					<td class="py-1.5 pe-4 whitespace-nowrap">{dayWords(line.writtenAt, 'medium')}</td>
					<td class="py-1.5 pe-4">
						{texts.states[line.state](line.tries)}
						<span class="block text-note break-words text-ink-soft">{line.fault}</span>
					</td>
					<td class="py-1.5 whitespace-nowrap">
						{#if line.state !== 'bounced'}
							<form method="POST" action="?/again" use:enhanceForm>
								<input type="hidden" name="email" value={line.id} />
								<Button size="desk" aria-label="{texts.tryAgain}: {line.toName}">{texts.tryAgain}</Button>
							</form>
						{/if}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if undelivered.all > undelivered.lines.length}
		<p class="mt-2 text-note text-ink-soft">{texts.firstShown(undelivered.lines.length)}</p>
	{/if}
</section>
