<script lang="ts">
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { OwnParts } from '$lib/core/questionnaire/checklist/own-parts';
	import type { Question } from '$lib/core/questionnaire/question';
	import type { Facts } from '$lib/core/plan/conditions/facts';
	import type { EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
	import type { Catalogue } from '$lib/messages/shapes';
	import CareQuestion from './CareQuestion.svelte';
	import CheckQuestion from './CheckQuestion.svelte';
	import ChoiceQuestion from './ChoiceQuestion.svelte';
	import DiscomfortQuestions from './DiscomfortQuestions.svelte';
	import type { Draft } from './draft.svelte';
	import LengthQuestion from './LengthQuestion.svelte';
	import LetterSizes from './LetterSizes.svelte';
	import PickQuestion from './PickQuestion.svelte';
	import SignQuestions from './SignQuestions.svelte';
	import ThingList from './ThingList.svelte';

	interface Props {
		question: Question;
		facts: Facts;
		draft: Draft;
		t: Catalogue;
		issues: readonly FieldIssue[];
		/** Version 1 of the checklist asks about the seat itself, and knows only chairs. */
		namesSeats: boolean;
		/** An answer was chosen by touch: the page continues by itself where one question is shown at a time. */
		onpick: () => void;
		stop: (signs: readonly EmergencyRedFlag[]) => void;
		/** What the organisation has added to the checklist. */
		own?: OwnParts | undefined;
	}

	let { question, facts, draft, t, issues, namesSeats, onpick, stop, own }: Props = $props();
</script>

{#if question.kind === 'signs'}
	<SignQuestions {draft} {t} {issues} {stop} {onpick} group={question.group} />
{:else if question.kind === 'discomfort'}
	<DiscomfortQuestions {draft} {t} {issues}><CareQuestion {draft} {t} /></DiscomfortQuestions>
{:else if question.kind === 'house'}
	<ThingList {draft} {t} {issues} />
{:else if question.kind === 'check'}
	<CheckQuestion item={question.item} {facts} {draft} {own} {t} {onpick} />
{:else if question.kind === 'choice'}
	{#if question.id === 'letterSize'}<LetterSizes {draft} {t} {onpick} />
	{:else}<ChoiceQuestion name={question.id} {draft} {t} {namesSeats} {onpick} />{/if}
{:else if question.id === 'heel' || question.id === 'seatGive' || question.id === 'surfaceThickness'}
	<PickQuestion name={question.id} {draft} {t} {issues} {onpick} />
{:else}
	<LengthQuestion name={question.id} {draft} {t} {issues} />
{/if}
