<script lang="ts">
	import { dayWords, momentWords } from '$lib/messages/desk-dates';
	interface Props {
		state: string;
		name: string;
		newest: { readonly sentAt: Date; readonly savedAt: Date | null } | null;
		timeZone: string;
	}

	let { state, name, newest, timeZone }: Props = $props();

	const TITLES: Readonly<Record<string, string>> = {
		none: 'Nothing sent yet',
		started: 'Begun, not finished',
		sent: 'Not answered yet'
	};
</script>

<section class="border-t border-ink pt-5">
	<h2 class="text-head">{TITLES[state] ?? 'No answers'}</h2>
	<p class="mt-2 max-w-prose text-ink-soft">
		{#if state === 'none'}
			Send a self-assessment: {name} gets a personal link, measures at home, and the section, the checks and the
			plan appear here.
		{:else if newest && (state === 'sent' || state === 'started')}
			The letter went out on {dayWords(newest.sentAt)}.
			{#if newest.savedAt}Last saved {momentWords(newest.savedAt, timeZone)}.{/if}
		{:else}
			The last link has ended, or the answers were withdrawn. Send another if it is still wanted.
		{/if}
	</p>
</section>
