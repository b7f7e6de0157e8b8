<script lang="ts">
	import { dayWords, momentWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		state: string;
		name: string;
		newest: { readonly sentAt: Date; readonly savedAt: Date | null } | null;
		timeZone: string;
	}

	let { state, name, newest, timeZone }: Props = $props();

	const TITLES: Readonly<Record<string, string>> = {
		none: texts.nothingSent,
		started: texts.startedNotFinished,
		sent: texts.notAnswered
	};
</script>

<section class="border-t border-ink pt-5">
	<h2 class="text-head">{texts.noAnswers(TITLES[state])}</h2>
	<p class="mt-2 max-w-prose text-ink-soft">
		{#if state === 'none'}
			{texts.sendLead(name)}
		{:else if newest && (state === 'sent' || state === 'started')}
			{texts.emailWentOut(dayWords(newest.sentAt))}
			{#if newest.savedAt}{texts.lastSaved(momentWords(newest.savedAt, timeZone))}{/if}
		{:else}
			{texts.linkEnded}
		{/if}
	</p>
</section>
