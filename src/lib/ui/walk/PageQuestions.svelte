<script lang="ts">
	import { BODY_FIELDS, choiceOf, type FieldIssue, type Page } from '$lib/core/answers';
	import { estimateBodyLength } from '$lib/core/body';
	import { formatLength } from '$lib/core/length';
	import type { BodyLengthName } from '$lib/core/corner';
	import type { Catalogue } from '$lib/messages';
	import ChoiceField from './ChoiceField.svelte';
	import type { Draft } from './draft.svelte';
	import LengthField from './LengthField.svelte';
	import ThingList from './ThingList.svelte';

	interface Props {
		page: Page;
		draft: Draft;
		t: Catalogue;
		issues: readonly FieldIssue[];
	}

	let { page, draft, t, issues }: Props = $props();

	const shared = $derived({ draft, t, issues });
	const posture = $derived(choiceOf(draft.answers, 'posture'));

	/** What an empty line of the body counts as. */
	function standIn(name: BodyLengthName): string | null {
		const person = draft.partial?.corner.person;
		if (!person) return null;
		const { mm, sd } = estimateBodyLength(person, name);
		const length = (value: number) => formatLength(value, draft.unit, { locale: t.locale });
		return t.issues.estimate(length(mm), length(sd));
	}
</script>

{#if page === 'you'}
	<LengthField name="stature" {...shared} />
	<LengthField name="heel" {...shared} />
	<ChoiceField name="hand" {draft} {t} />
	<ChoiceField name="lenses" {draft} {t} />
	<ChoiceField name="back" {draft} {t} />
	<ChoiceField name="wrists" {draft} {t} />
	<ChoiceField name="sex" {draft} {t} />
	<ChoiceField name="drawnAs" {draft} {t} />
{:else if page === 'surface'}
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
{:else if page === 'seat'}
	{#if posture === 'standing'}
		<p class="border-l-4 border-rule px-3 py-1 text-ink-soft">{t.pages.seat.standing}</p>
	{:else}
		<LengthField name="seatHeight" {...shared} />
		<LengthField name="seatGive" {...shared} />
		<LengthField name="seatDepth" {...shared} />
		<div class="asks-more">
			<ChoiceField name="seatMoves" {draft} {t} />
			<div class="more">
				<LengthField name="seatLow" {...shared} />
				<LengthField name="seatHigh" {...shared} />
			</div>
		</div>
		<ChoiceField name="backrest" {draft} {t} />
		<ChoiceField name="lumbar" {draft} {t} />
		<div class="asks-more">
			<ChoiceField name="armrest" {draft} {t} />
			<div class="more"><LengthField name="armrestHeight" {...shared} /></div>
		</div>
		<ChoiceField name="castors" {draft} {t} />
	{/if}
{:else if page === 'body'}
	<ChoiceField name="bodyBy" {draft} {t} />
	{#each BODY_FIELDS[posture] as name (name)}
		<LengthField {name} {...shared} optional standIn={standIn(name)} />
	{/each}
{:else if page === 'screen'}
	<div class="asks-kind">
		<ChoiceField name="screenKind" {draft} {t} />
		<LengthField name="topAboveBase" {...shared} />
		<LengthField name="visibleHeight" {...shared} />
		<LengthField name="distance" {...shared} />
		<LengthField name="baseLong" {...shared} />
		<LengthField name="baseShort" {...shared} />
		<div class="if-monitor asks-more">
			<ChoiceField name="screenMoves" {draft} {t} />
			<div class="more">
				<LengthField name="screenLow" {...shared} />
				<LengthField name="screenHigh" {...shared} />
			</div>
		</div>
		<div class="if-laptop"><ChoiceField name="keysKind" {draft} {t} /></div>
		<LengthField name="homeRow" {...shared} />
		<div class="if-keyboard">
			<LengthField name="keysLong" {...shared} />
			<LengthField name="keysShort" {...shared} />
		</div>
		<ChoiceField name="mouse" {draft} {t} />
	</div>
{:else}
	<ThingList {draft} {t} {issues} />
{/if}
