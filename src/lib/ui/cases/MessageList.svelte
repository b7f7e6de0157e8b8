<script lang="ts">
	import { momentWords } from '$lib/messages/desk-dates';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Line {
		readonly id: string;
		readonly at: Date;
		readonly text: string;
		readonly isFromPerson: boolean;
		readonly authorName: string | null;
	}

	interface Props {
		messages: readonly Line[];
		/** What the person is called here: their name, or "You". */
		personName: string;
		timeZone: string;
	}

	let { messages, personName, timeZone }: Props = $props();
</script>

<ol>
	{#each messages as message (message.id)}
		<li class="border-b border-rule py-2 text-note" class:theirs={message.isFromPerson}>
			<p class="text-ink-soft">
				<span class="font-semibold text-ink"
					>{texts.yourCoordinator({
						isFromPerson: message.isFromPerson,
						personName,
						authorName: message.authorName
					})}</span
				>, {momentWords(message.at, timeZone)}
			</p>
			<p class="mt-0.5 whitespace-pre-wrap">{message.text}</p>
		</li>
	{/each}
</ol>

<style>
	.theirs {
		padding-left: 0.75rem;
		border-left: 3px solid var(--cool);
	}
</style>
