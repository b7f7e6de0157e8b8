<script lang="ts">
	import { checkField, checklistAnswersOf, factsOfAnswers, itemsOfPage, type Page } from '$lib/core/answers';
	import { askedItems, checklistOf, type ItemId } from '$lib/core/checklist';
	import type { Catalogue } from '$lib/messages';
	import { checklistTextsFor, type ItemTexts } from '$lib/messages/checklist';
	import { wordsFor } from '$lib/messages/words-for';
	import type { Draft } from './draft.svelte';

	interface Props {
		page: Page;
		draft: Draft;
		t: Catalogue;
		/** Which checklist is asked. */
		version: number;
	}

	let { page, draft, t, version }: Props = $props();

	const texts = $derived(checklistTextsFor(t.locale));
	const facts = $derived(factsOfAnswers(draft.answers, draft.way));
	const items = $derived(
		itemsOfPage(
			page,
			askedItems(checklistOf(version) ?? { version, items: [] }, facts, checklistAnswersOf(draft.answers))
		)
	);
	const textsOf = (id: string) => texts.items[id as ItemId] as ItemTexts<ItemId>;
	const answerWords = (id: string) => textsOf(id).answers as Readonly<Record<string, string>>;
</script>

{#each items as item (item.id)}
	{@const field = checkField(item.id)}
	{@const words = textsOf(item.id)}
	<div class="border-t border-rule py-3.5">
		<fieldset aria-describedby="{field}-why">
			<legend class="font-semibold">{wordsFor(words.question, facts)}</legend>
			{#if words.look}<p class="text-note">{wordsFor(words.look, facts)}</p>{/if}
			<div class="mt-1.5 flex flex-wrap gap-2">
				{#each item.answers as option (option.id)}
					<label class="choice">
						<input
							type="radio"
							name={field}
							value={option.id}
							checked={draft.answers[field] === option.id}
							onchange={() => draft.set(field, option.id)}
						/>
						<span>{answerWords(item.id)[option.id]}</span>
					</label>
				{/each}
			</div>
			<p id="{field}-why" class="mt-1.5 text-note text-ink-soft">{wordsFor(words.why, facts)}</p>
		</fieldset>
	</div>
{/each}
