<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import { momentWords } from '$lib/messages/dates';

	interface Line {
		readonly id: string;
		readonly at: Date;
		readonly text: string;
		readonly isFromPerson: boolean;
		readonly authorName: string | null;
	}

	interface Props {
		messages: readonly Line[];
		/** The language of the reader, the person themselves. */
		locale: string;
		timeZone: string;
	}

	let { messages, locale, timeZone }: Props = $props();

	const t = $derived(messagesFor(locale));
	const texts = $derived(t.messages);
</script>

<ol>
	{#each messages as message (message.id)}
		<li class="border-b border-rule py-2 text-note" class:theirs={message.isFromPerson}>
			<p class="text-ink-soft">
				<span class="font-semibold text-ink"
					>{message.isFromPerson ? texts.you : (message.authorName ?? texts.yourCoordinator)}</span
				>, {momentWords(message.at, timeZone, t.dateLocale)}
			</p>
			<p class="mt-0.5 whitespace-pre-wrap">{message.text}</p>
		</li>
	{/each}
</ol>

<style>
	.theirs {
		padding-inline-start: 0.75rem;
		border-inline-start: 3px solid var(--cool);
	}
</style>
