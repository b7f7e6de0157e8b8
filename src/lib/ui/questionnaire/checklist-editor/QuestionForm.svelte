<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { FINDING_IDS } from '$lib/core/questionnaire/checklist/findings';
	import type { ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
	import type { ChecklistItem } from '$lib/core/questionnaire/checklist/item';
	import type { OwnItemWords } from '$lib/core/questionnaire/checklist/own-parts';
	import {
		OWN_ANSWERS,
		OWN_SECONDS,
		SECONDS_FOR_ALL
	} from '$lib/core/questionnaire/checklist-editor/checklist-limits';
	import { secondsForAll } from '$lib/core/questionnaire/checklist-editor/checklist-faults';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import Select from '../../platform/kit/Select.svelte';
	import TextField from '../../platform/kit/TextField.svelte';
	import ConditionFields from './ConditionFields.svelte';
	import type { DocumentWords } from './document-words';
	import ProblemFields from './ProblemFields.svelte';
	import { NEW_PROBLEM, type QuestionDraft } from './question-draft.svelte';
	import QuestionWords from './QuestionWords.svelte';

	const texts = deskWords.checklistEditor.question;

	interface Props {
		draft: QuestionDraft;
		document: ChecklistDocument;
		seen: number;
		words: DocumentWords;
		earlier: readonly ChecklistItem[];
		/** The words of a question that the software comes with, by language. */
		shipped: Readonly<Record<string, OwnItemWords>> | null;
	}

	let { draft, document, seen, words, earlier, shipped }: Props = $props();

	const form = new CaseForm();
	const problems = $derived([
		{ value: '', words: texts.nothing },
		{ value: NEW_PROBLEM, words: texts.newProblem },
		...document.findings.map(({ id }) => ({
			value: id as string,
			words: texts.yourProblem(words.problem(id) || deskWords.checklistEditor.noWords)
		})),
		...FINDING_IDS.map((id) => ({ value: id as string, words: words.problem(id) }))
	]);
	/** With a problem that is added along with the question, under its own place in the list. */
	const optionsFor = (finding: string | null) =>
		draft.problemOf(finding)
			? problems.map((option) =>
					option.value === NEW_PROBLEM ? { ...option, value: finding ?? '' } : option
				)
			: problems;
	const others = $derived({ items: document.items.filter(({ id }) => id !== draft.id) });
	const left = $derived(Math.max(0, SECONDS_FOR_ALL - secondsForAll(others)));
</script>

<form method="POST" action="?/save" use:enhanceForm={form.submit}>
	<input type="hidden" name="seen" value={seen} />
	<input type="hidden" name="document" value={JSON.stringify(draft.posted)} />
	{#each draft.languages as language (language)}
		<QuestionWords {draft} {language} shipped={shipped?.[language] ?? null} />
	{/each}
	{#if !draft.shippedAnswers}
		<fieldset class="mt-5">
			<legend class="text-lead font-semibold">{texts.answers}</legend>
			{#each draft.answers as answer, i (answer.id)}
				{@const problem = draft.problemOf(answer.finding)}
				<div class="answer">
					<Select
						name=""
						id="shows-{answer.id}"
						label={texts.showsOf(draft.answerWords(answer.id) || texts.answer(i + 1))}
						size="desk"
						options={optionsFor(answer.finding)}
						value={answer.finding ?? ''}
						onchange={(finding) => draft.show(answer.id, finding)}
					/>
					{#if draft.answers.length > OWN_ANSWERS.fewest}
						<Button
							type="button"
							look="quiet"
							size="desk"
							isIcon
							aria-label={texts.removeAnswer(i + 1)}
							onclick={() => draft.removeAnswer(answer.id)}><X size={16} aria-hidden="true" /></Button
						>
					{/if}
				</div>
				{#if problem}
					<div class="problem"><ProblemFields draft={problem} prefix={answer.id} /></div>
				{/if}
			{/each}
			{#if draft.answers.length < OWN_ANSWERS.most}
				<p class="mt-2">
					<Button type="button" size="desk" onclick={() => draft.addAnswer()}>{texts.addAnswer}</Button>
				</p>
			{/if}
		</fieldset>
		<fieldset class="mt-5">
			<legend class="text-lead font-semibold">{texts.asked}</legend>
			<ConditionFields {draft} {earlier} {words} />
			{#if draft.id === null}
				<div class="mt-3">
					<CheckBox
						words={texts.isSafety}
						size="desk"
						isChecked={draft.isSafety}
						onchange={(isChecked) => (draft.isSafety = isChecked)}
					/>
					<p class="text-note text-ink-soft">{texts.isSafetyHint}</p>
				</div>
			{/if}
			{#if !draft.isSafety}
				<div class="mt-3">
					<CheckBox
						words={texts.forAll}
						size="desk"
						isChecked={draft.isForAll}
						onchange={(isChecked) => (draft.isForAll = isChecked)}
					/>
					<p class="text-note text-ink-soft">{texts.forAllHint(left)}</p>
				</div>
			{/if}
			<div class="mt-3 max-w-xs">
				<TextField
					name=""
					id="seconds"
					label={texts.seconds}
					hint={texts.secondsHint(OWN_SECONDS.least, OWN_SECONDS.most)}
					fault={draft.hasTime ? null : texts.secondsFault(OWN_SECONDS.least, OWN_SECONDS.most)}
					size="desk"
					inputmode="numeric"
					maxlength={3}
					value={draft.seconds}
					oninput={(text) => (draft.seconds = text)}
				/>
			</div>
		</fieldset>
	{/if}
	<FormError fault={form.fault} />
	<p class="mt-5 flex gap-3">
		<Button look="main" size="desk" isBusy={form.isBusy} disabled={!draft.hasTime}>{texts.save}</Button>
	</p>
</form>

<style>
	.answer {
		display: grid;
		grid-template-columns: minmax(0, 30rem) auto;
		gap: 1rem;
		align-items: end;
		margin-top: 0.5rem;
	}
	.problem {
		margin: 0.5rem 0 1rem;
		padding: 0.5rem 0.75rem;
		border-inline-start: 3px solid var(--cool);
		background: var(--cool-wash);
	}
</style>
