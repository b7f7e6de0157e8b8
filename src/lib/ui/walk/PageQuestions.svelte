<script lang="ts">
	import { choiceOf, type FieldIssue, type Page } from '$lib/core/answers';
	import type { EmergencySign } from '$lib/core/discomfort';
	import { estimateBodyLength } from '$lib/core/body';
	import { formatLength } from '$lib/core/length';
	import { SEAT_RULES, type BodyLengthName } from '$lib/core/corner';
	import { checkIdsOfSeat } from '$lib/core/checks';
	import { DRAWN_AS } from '$lib/core/section/drawn-as';
	import type { Catalogue } from '$lib/messages';
	import ChecklistQuestions from './ChecklistQuestions.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import DiscomfortQuestions from './DiscomfortQuestions.svelte';
	import type { Draft } from './draft.svelte';
	import LengthField from './LengthField.svelte';
	import LetterSizes from './LetterSizes.svelte';
	import SignQuestions from './SignQuestions.svelte';
	import ThingList from './ThingList.svelte';

	interface Props {
		page: Page;
		draft: Draft;
		t: Catalogue;
		issues: readonly FieldIssue[];
		/** Which checklist this self-assessment asks. */
		checklistVersion: number;
		stop?: (signs: readonly EmergencySign[]) => void;
	}

	let { page, draft, t, issues, checklistVersion, stop = () => {} }: Props = $props();

	const shared = $derived({ draft, t, issues });
	const posture = $derived(choiceOf(draft.answers, 'posture'));
	/** What is asked of a seat follows what it is. */
	const seat = $derived(choiceOf(draft.answers, 'seatKind'));
	const seatRules = $derived(SEAT_RULES[seat]);
	const judged = $derived(checkIdsOfSeat(posture === 'sitting' ? seat : null));
	/** Version 1 of the checklist asks itself what is sat on, and knows chairs alone. */
	const namesSeats = $derived(checklistVersion > 1);
	/** A wheelchair is drawn where one is sat in. */
	const drawings = DRAWN_AS.filter((drawn) => drawn !== 'wheelchair');

	/** What an empty line of the body counts as. */
	function standIn(name: BodyLengthName): string | null {
		const person = draft.partial?.corner.person;
		if (!person) return null;
		const { mm, sd } = estimateBodyLength(person, name);
		const length = (value: number) => formatLength(value, draft.unit, { locale: t.locale });
		return t.issues.estimate(length(mm), length(sd));
	}
</script>

{#snippet body(name: BodyLengthName)}
	<LengthField {name} {...shared} optional standIn={standIn(name)} />
{/snippet}

{#if page === 'first'}
	<SignQuestions {draft} {t} {issues} {stop} />
{:else if page === 'you'}
	<LengthField name="stature" {...shared} />
	<LengthField name="heel" {...shared} />
	<ChoiceField name="hand" {draft} {t} />
	<ChoiceField name="lenses" {draft} {t} />
	<ChoiceField name="back" {draft} {t} />
	<ChoiceField name="wrists" {draft} {t} />
	<ChoiceField name="sex" {draft} {t} />
	<ChoiceField name="drawnAs" options={namesSeats ? drawings : DRAWN_AS} {draft} {t} />
{:else if page === 'spot'}
	<ChoiceField name="posture" {draft} {t} />
	<ChoiceField name="by" {draft} {t} />
	<LengthField name="surfaceHeight" {...shared} />
	<LengthField name="surfaceThickness" {...shared} />
	<LengthField name="surfaceDepth" {...shared} />
	<div class="asks-more">
		<ChoiceField name="surfaceMoves" {draft} {t} />
		<div class="more">
			<LengthField name="surfaceLow" {...shared} />
			<LengthField name="surfaceHigh" {...shared} />
		</div>
	</div>
{:else if page === 'feet'}
	{#if posture === 'standing'}
		<p class="border-l-4 border-rule px-3 py-1 text-ink-soft">{t.pages.feet.standing}</p>
	{:else}
		{#if namesSeats}<ChoiceField name="seatKind" {draft} {t} />{/if}
		<LengthField name="seatHeight" {...shared} />
		<LengthField name="seatGive" {...shared} />
		{#if seatRules.isSet}
			<div class="asks-more">
				<ChoiceField name="seatMoves" {draft} {t} />
				<div class="more">
					<LengthField name="seatLow" {...shared} />
					<LengthField name="seatHigh" {...shared} />
				</div>
			</div>
			<ChoiceField name="castors" {draft} {t} />
		{/if}
		<ChoiceField name="bodyBy" {draft} {t} />
		{#if judged.includes('knee')}{@render body('popliteal')}{/if}
		{#if judged.includes('thigh')}{@render body('thigh')}{/if}
	{/if}
{:else if page === 'back'}
	{#if posture === 'sitting' && seatRules.hasBack}
		<ChoiceField name="backrest" {draft} {t} />
		<ChoiceField name="lumbar" {draft} {t} />
		<LengthField name="seatDepth" {...shared} />
		{@render body('buttockPopliteal')}
	{/if}
{:else if page === 'hands'}
	<div class="asks-kind">
		{@render body(posture === 'sitting' ? 'sittingElbow' : 'standingElbow')}
		<ChoiceField name="screenKind" {draft} {t} />
		<div class="if-laptop"><ChoiceField name="keysKind" {draft} {t} /></div>
		<LengthField name="homeRow" {...shared} />
		<div class="if-keyboard">
			<LengthField name="keysLong" {...shared} />
			<LengthField name="keysShort" {...shared} />
		</div>
		{#if posture === 'sitting' && seatRules.hasArmrests}
			<div class="asks-more">
				<ChoiceField name="armrest" {draft} {t} />
				<div class="more"><LengthField name="armrestHeight" {...shared} /></div>
			</div>
		{/if}
	</div>
{:else if page === 'mouse'}
	<ChoiceField name="mouse" {draft} {t} />
{:else if page === 'screen'}
	{@render body(posture === 'sitting' ? 'sittingEye' : 'standingEye')}
	<LengthField name="topAboveBase" {...shared} />
	<LengthField name="visibleHeight" {...shared} />
	<LengthField name="distance" {...shared} />
	<LetterSizes {draft} {t} />
	<LengthField name="baseLong" {...shared} />
	<LengthField name="baseShort" {...shared} />
	{#if choiceOf(draft.answers, 'screenKind') === 'monitor'}
		<div class="asks-more">
			<ChoiceField name="screenMoves" {draft} {t} />
			<div class="more">
				<LengthField name="screenLow" {...shared} />
				<LengthField name="screenHigh" {...shared} />
			</div>
		</div>
	{/if}
{:else if page === 'discomfort'}
	<DiscomfortQuestions {draft} {t} {issues} />
{:else if page === 'house'}
	<ThingList {draft} {t} {issues} />
{/if}
<ChecklistQuestions {page} {draft} {t} version={checklistVersion} />
{#if page === 'light'}
	<ChoiceField name="windowFaces" {draft} {t} />
	<ChoiceField name="city" asList {draft} {t} />
{/if}
