<script lang="ts">
	import type { ChecklistItem } from '$lib/core/questionnaire/checklist/item';
	import type { ItemId } from '$lib/core/questionnaire/checklist/item-ids';
	import type { OwnParts } from '$lib/core/questionnaire/checklist/own-parts';
	import type { Facts } from '$lib/core/plan/conditions/facts';
	import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
	import type { Catalogue } from '$lib/messages/shapes';
	import { checklistTextsFor, type ItemTexts } from '$lib/messages/checklist';
	import { wordsFor } from '$lib/messages/words-by-facts';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import type { Draft } from './draft.svelte';

	interface Props {
		item: ChecklistItem;
		facts: Facts;
		draft: Pick<Draft, 'answers' | 'set'>;
		/** What the organisation has added to the checklist. */
		own?: OwnParts | undefined;
		t: Catalogue;
		onpick: () => void;
	}

	let { item, facts, draft, own, t, onpick }: Props = $props();

	const field = $derived(checklistField(item.id));
	const words = $derived(checklistTextsFor(t.locale, own).items[item.id as ItemId] as ItemTexts<ItemId>);
	const answers = $derived(words.answers as Readonly<Record<string, string>>);
	const options = $derived(item.answers.map(({ id }) => ({ value: id, words: answers[id] ?? id })));
	const look = $derived(wordsFor(words.look, facts));
</script>

<ChoiceRows
	name={field}
	legend={wordsFor(words.question, facts)}
	{options}
	value={draft.answers[field] ?? ''}
	look={options.length > 6 ? 'wrap' : 'rows'}
	onchange={(value) => draft.set(field, value)}
	{onpick}
/>
<Disclosure words={t.nav.howAndWhy} look="inline">
	{#if look}<p>{look}</p>{/if}
	<p class="text-ink-soft">{wordsFor(words.why, facts)}</p>
</Disclosure>
