<script lang="ts">
	import type { SharedSessionEntry } from '$lib/core/questionnaire/shared-session/shared-session';
	import { entryWords, type EntryContext } from './entry-words';

	interface Props {
		entries: readonly SharedSessionEntry[];
		context: EntryContext;
		personName: string;
	}

	let { entries, context, personName }: Props = $props();

	const { texts } = $derived(context);
	const lines = $derived(
		entries.flatMap((entry) => {
			const words = entryWords(entry, context);
			const { readOutTo, field } = entry;
			const by =
				readOutTo === null
					? texts.entry.byPerson(personName)
					: texts.entry.readOut(readOutTo || texts.aColleague);
			return words ? [{ field, by, ...words }] : [];
		})
	);
</script>

{#if lines.length === 0}
	<p class="text-ink-soft">{texts.nothingEntered}</p>
{:else}
	<ul>
		{#each lines as { field, name, value, by } (field)}
			<li class="border-b border-rule py-1.5">
				<span class="flex flex-wrap justify-between gap-x-4"
					><span>{name}</span> <strong class="num">{value}</strong></span
				>
				<span class="text-note text-ink-soft">{by}</span>
			</li>
		{/each}
	</ul>
{/if}
