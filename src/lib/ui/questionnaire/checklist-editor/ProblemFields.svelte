<script lang="ts">
	import {
		HOUSEHOLD_FIX_IDS,
		PURCHASE_FIXES,
		type HouseholdFix,
		type PurchaseFix
	} from '$lib/core/questionnaire/checklist/fixes';
	import { CHECKLIST_TEXT_LENGTHS } from '$lib/core/questionnaire/checklist-editor/checklist-limits';
	import { REGIONS } from '$lib/core/cases/discomfort/regions';
	import { checklistTextsFor } from '$lib/messages/checklist';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import { languageWords } from '$lib/messages/reader-formats';
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import TextField from '../../platform/kit/TextField.svelte';
	import { plainWords } from '$lib/messages/words-by-facts';
	import type { ProblemDraft } from './question-draft.svelte';

	const texts = deskWords.checklistEditor.problem;
	const { inLanguage } = deskWords.checklistEditor.question;

	interface Props {
		draft: ProblemDraft;
		/** Tells the fields of several problems on a page apart. */
		prefix: string;
	}

	let { draft, prefix }: Props = $props();

	const t = deskCatalogue();
	const words = checklistTextsFor(deskLocale());
	const advice = [
		{ value: '', words: texts.noAdvice },
		...HOUSEHOLD_FIX_IDS.map((id) => ({ value: id, words: plainWords(words.household[id]) }))
	];
	const items = [
		{ value: '', words: texts.noItem },
		...PURCHASE_FIXES.map((id) => ({ value: id, words: words.shop[id] }))
	];
</script>

{#each draft.languages as language (language)}
	{@const said = draft.words[language]}
	{#if said}
		<fieldset class="mt-2">
			{#if draft.languages.length > 1}
				<legend class="text-note font-semibold">{inLanguage(languageWords(language))}</legend>
			{/if}
			<div class="pair" lang={language}>
				<TextField
					name=""
					id="{prefix}-name-{language}"
					label={texts.name}
					hint={texts.nameHint}
					size="desk"
					maxlength={CHECKLIST_TEXT_LENGTHS.name}
					value={said.name}
					oninput={(text) => (said.name = text)}
				/>
				<TextField
					name=""
					id="{prefix}-fix-{language}"
					label={texts.fix}
					hint={texts.fixHint}
					size="desk"
					maxlength={CHECKLIST_TEXT_LENGTHS.fix}
					value={said.fix}
					oninput={(text) => (said.fix = text)}
				/>
			</div>
		</fieldset>
	{/if}
{/each}
<div class="pair chosen mt-2">
	<Select
		name=""
		id="{prefix}-advice"
		label={texts.household}
		hint={texts.householdHint}
		size="desk"
		options={advice}
		value={draft.household[0] ?? ''}
		onchange={(id) => (draft.household = id ? [id as HouseholdFix] : [])}
	/>
	<Select
		name=""
		id="{prefix}-shop"
		label={texts.shop}
		size="desk"
		options={items}
		value={draft.shop[0] ?? ''}
		onchange={(id) => (draft.shop = id ? [id as PurchaseFix] : [])}
	/>
</div>
<fieldset class="mt-2">
	<legend class="font-semibold">{texts.regions}</legend>
	<div class="flex flex-wrap gap-x-4">
		{#each REGIONS as region (region)}
			<CheckBox
				words={t.discomfort.places[region]}
				size="desk"
				isChecked={draft.regions.includes(region)}
				onchange={(isChecked) =>
					(draft.regions = isChecked
						? [...draft.regions, region]
						: draft.regions.filter((one) => one !== region))}
			/>
		{/each}
	</div>
</fieldset>
{#if draft.id === null}
	<div class="mt-2">
		<CheckBox
			words={texts.isHazard}
			size="desk"
			isChecked={draft.isSafety}
			onchange={(isChecked) => (draft.isSafety = isChecked)}
		/>
		<p class="text-note text-ink-soft">{texts.isHazardHint}</p>
	</div>
{/if}

<style>
	.pair {
		display: grid;
		gap: 0.5rem 1rem;
	}
	@media (min-width: 48rem) {
		.pair {
			grid-template-columns: 1fr 1fr;
			align-items: start;
		}
		.chosen {
			align-items: end;
		}
	}
</style>
