<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import type { ChoiceFieldName } from '$lib/core/questionnaire/answers/fields';
	import type { ChecklistItem } from '$lib/core/questionnaire/checklist/item';
	import { OWN_CONDITIONS } from '$lib/core/questionnaire/checklist-editor/checklist-limits';
	import {
		CONDITION_FACTS,
		CONDITION_FACT_NAMES,
		type ConditionFact
	} from '$lib/core/questionnaire/checklist-editor/conditions';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import Button from '../../platform/kit/Button.svelte';
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import type { DocumentWords } from './document-words';
	import type { QuestionDraft } from './question-draft.svelte';

	const texts = deskWords.checklistEditor.question;

	interface Props {
		draft: QuestionDraft;
		/** Questions that come before it. */
		earlier: readonly ChecklistItem[];
		words: DocumentWords;
	}

	let { draft, earlier, words }: Props = $props();

	const t = deskCatalogue();
	/** The question of the self-assessment that asks for each fact. */
	const FIELD_OF = {
		posture: 'posture',
		seat: 'seatKind',
		backrest: 'backrest',
		armrest: 'armrest',
		castors: 'castors',
		screen: 'screenKind',
		keys: 'keysKind',
		mouse: 'mouse',
		lenses: 'lenses'
	} as const satisfies Record<ConditionFact, ChoiceFieldName>;
	const options = $derived([
		...CONDITION_FACT_NAMES.map((fact) => ({ value: fact as string, words: texts.facts[fact] })),
		...earlier.map(({ id }) => ({ value: `item:${id}`, words: texts.answerTo(words.question(id)) }))
	]);
	/** The values of what a condition depends on, in words. */
	function valuesOf(of: string): { readonly value: string; readonly words: string }[] {
		if (of.startsWith('item:')) {
			const id = of.slice('item:'.length);
			const item = earlier.find((one) => one.id === id);
			return (item?.answers ?? []).map((answer) => ({
				value: answer.id,
				words: words.answer(id, answer.id) || answer.id
			}));
		}
		const fact = of as ConditionFact;
		const named = t.options[FIELD_OF[fact]] as Readonly<Record<string, string>>;
		return CONDITION_FACTS[fact].map((value: string) => ({
			value,
			words: named[value] ?? texts.yesNo[value as 'yes' | 'no'] ?? value
		}));
	}
	const first = $derived(options[0]?.value ?? 'posture');
</script>

<p class="text-note text-ink-soft">{texts.conditionsLead}</p>
{#each draft.when as condition (condition.key)}
	<div class="condition">
		<Select
			name=""
			id="of-{condition.key}"
			label={texts.condition}
			size="desk"
			{options}
			value={condition.of}
			onchange={(of) => {
				condition.of = of;
				condition.isOneOf = [];
			}}
		/>
		<fieldset class="min-w-0">
			<legend class="text-note font-semibold">{texts.isOneOf}</legend>
			<div class="flex flex-wrap gap-x-4">
				{#each valuesOf(condition.of) as { value, words: name } (value)}
					<CheckBox
						words={name}
						size="desk"
						isChecked={condition.isOneOf.includes(value)}
						onchange={(isChecked) =>
							(condition.isOneOf = isChecked
								? [...condition.isOneOf, value]
								: condition.isOneOf.filter((one) => one !== value))}
					/>
				{/each}
			</div>
		</fieldset>
		<Button
			type="button"
			look="quiet"
			size="desk"
			isIcon
			aria-label={texts.removeCondition}
			onclick={() => draft.removeCondition(condition.key)}><X size={16} aria-hidden="true" /></Button
		>
	</div>
{/each}
{#if draft.when.length < OWN_CONDITIONS}
	<p class="mt-2">
		<Button type="button" size="desk" onclick={() => draft.addCondition(first)}>{texts.addCondition}</Button>
	</p>
{/if}

<style>
	.condition {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 0.25rem 1rem;
		align-items: start;
		border-top: 1px solid var(--rule);
		padding: 0.5rem 0;
	}
	.condition :global(fieldset) {
		grid-column: 1;
	}
	@media (min-width: 48rem) {
		.condition {
			grid-template-columns: minmax(0, 18rem) minmax(0, 1fr) auto;
		}
		.condition :global(fieldset) {
			grid-column: auto;
		}
	}
</style>
