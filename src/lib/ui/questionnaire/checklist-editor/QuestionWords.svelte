<script lang="ts">
	import type { OwnItemWords } from '$lib/core/questionnaire/checklist/own-parts';
	import { CHECKLIST_TEXT_LENGTHS } from '$lib/core/questionnaire/checklist-editor/checklist-limits';
	import { deskWords } from '$lib/messages/desk';
	import { languageWords } from '$lib/messages/reader-formats';
	import TextField from '../../platform/kit/TextField.svelte';
	import type { QuestionDraft } from './question-draft.svelte';

	const texts = deskWords.checklistEditor.question;

	interface Props {
		draft: QuestionDraft;
		language: string;
		/** The words as the software comes with them; null for a question of the organisation. */
		shipped: OwnItemWords | null;
	}

	let { draft, language, shipped }: Props = $props();

	const said = $derived(draft.words[language]);
	const PARTS = ['question', 'why', 'look'] as const;
	const hintOf = (part: (typeof PARTS)[number]) =>
		shipped ? (shipped[part] ? texts.asItComes(shipped[part]) : '') : part === 'look' ? texts.lookHint : '';
</script>

{#if said}
	<fieldset class="mt-4">
		<legend class="text-lead font-semibold">{texts.inLanguage(languageWords(language))}</legend>
		<div lang={language} class="grid gap-2">
			{#each PARTS as part (part)}
				<TextField
					name=""
					id="{part}-{language}"
					label={texts[part]}
					hint={hintOf(part)}
					size="desk"
					maxlength={CHECKLIST_TEXT_LENGTHS[part]}
					value={said[part]}
					oninput={(text) => (said[part] = text)}
				/>
			{/each}
			<div class="answers">
				{#each draft.answers as { id }, i (id)}
					<TextField
						name=""
						id="answer-{id}-{language}"
						label={texts.answer(i + 1)}
						hint={shipped?.answers[id] ? texts.asItComes(shipped.answers[id]) : ''}
						size="desk"
						maxlength={CHECKLIST_TEXT_LENGTHS.answer}
						value={said.answers[id] ?? ''}
						oninput={(text) => (said.answers[id] = text)}
					/>
				{/each}
			</div>
		</div>
	</fieldset>
{/if}

<style>
	.answers {
		display: grid;
		gap: 0.5rem 1rem;
	}
	@media (min-width: 48rem) {
		.answers {
			grid-template-columns: 1fr 1fr;
			align-items: start;
		}
	}
</style>
