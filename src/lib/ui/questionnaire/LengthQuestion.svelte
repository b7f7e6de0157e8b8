<script lang="ts">
	import { page } from '$app/state';
	import {
		bodyMethodOf,
		BODY_FIELDS,
		LENGTH_FIELDS,
		type LengthFieldName
	} from '$lib/core/questionnaire/answers/fields';
	import {
		mayStayUnmeasured,
		cannotMeasureField,
		isMarkedUnmeasured,
		defaultLength
	} from '$lib/core/questionnaire/answers/default-lengths';
	import { photoLengthOf } from '$lib/core/questionnaire/answers/photo-answers';
	import {
		countingUnitOf,
		countField,
		lengthToCount,
		countToLength
	} from '$lib/core/questionnaire/answers/counted-answers';
	import { readLengthField, type FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { estimateBodyLength } from '$lib/core/body/body-length';
	import type { BodyLengthName } from '$lib/core/workstation/corner/vocabulary';
	import { formatLength } from '$lib/core/body/length/format-length';
	import { PHOTO_LENGTHS } from '$lib/core/body/side-photo/photo-values';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import StepField from '../platform/kit/StepField.svelte';
	import type { Draft } from './draft.svelte';
	import { issueWords } from './issue-words';

	interface Props {
		name: LengthFieldName;
		draft: Draft;
		t: Catalogue;
		/** Errors found by the last attempt to continue. */
		issues: readonly FieldIssue[];
	}

	let { name, draft, t, issues }: Props = $props();

	/** One step of the − and + buttons, mm; a quarter for a count. */
	const STEP_MM = { cm: 5, mm: 5, in: 25.4 / 8 } as const;
	const BODY: readonly string[] = [...BODY_FIELDS.sitting, ...BODY_FIELDS.standing];

	const field = $derived(LENGTH_FIELDS[name]);
	const unit = $derived(draft.unit);
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const text = $derived(draft.answers[name] ?? '');
	const read = $derived(readLengthField(name, text, unit, field));
	const counted = $derived(countingUnitOf(name, draft.answers));
	const isOff = $derived(isMarkedUnmeasured(draft.answers, name));
	/** A count being typed: "2 1" is on its way to "2 1/2" and must not become a length yet. */
	let typed = $state<{ readonly count: string; readonly made: string } | null>(null);
	const shown = $derived(
		typed?.made === text ? typed.count : counted ? lengthToCount(name, draft.answers) : text
	);
	let hasLeft = $state(false);
	const isRefused = $derived(issues.some((issue) => issue.field === name));
	// No error is shown while someone types; once the field is left, or was refused, its error stays until corrected.
	const issue = $derived(
		(hasLeft || isRefused) && !isOff && !read.ok && (isRefused || text.trim() !== '') ? read.issue : null
	);
	/** Takes the place of the error where there is none, so that nothing below moves. */
	const note = $derived.by(() => {
		if (isOff) return t.issues.standsIn(length(defaultLength(name, draft.answers)));
		if (counted && read.ok) return t.measure.comesTo(length(read.mm));
		const photo = read.ok ? photoLengthOf(draft.answers, name, read.mm) : null;
		if (photo) return t.measure.fromPhoto(length(2 * photo.sd));
		if (hasLeft && read.ok && read.unusual) return t.issues.unusual(length(read.mm));
		const person = draft.partial?.corner.person;
		if (text.trim() !== '' || !person || !BODY.includes(name)) return '';
		const estimate = estimateBodyLength(person, name as BodyLengthName);
		return t.issues.estimate(length(estimate.mm), length(estimate.sd));
	});
	/** Where a photo can take the place of a second person; not while two look at one side view. */
	const photoHref = $derived(
		PHOTO_LENGTHS.some((one) => one === name) && page.route.id === '/c/[token=token]/[page=page]'
			? `/c/${page.params['token']}/photo`
			: null
	);
	const how = $derived(t.hints[name] ?? '');
	const describedBy = $derived([how ? `${name}-how` : '', `${name}-note`].filter(Boolean).join(' '));
	const unitWords = $derived(counted ? t.measure.counted[counted.by] : unit);
	const methodWords = $derived(BODY.includes(name) ? t.options.by[bodyMethodOf(draft.answers)] : '');

	function take(typedText: string) {
		draft.active = name;
		draft.set(name, counted ? countToLength(name, typedText, draft.answers) : typedText);
		typed = counted ? { count: typedText, made: draft.answers[name] ?? '' } : null;
		if (isOff) draft.set(cannotMeasureField(name), 'no');
	}

	function step(direction: 1 | -1) {
		const from = read.ok ? read.mm : (field.start ?? (field.usual[0] + field.usual[1]) / 2);
		const by = counted ? counted.eachMm / 4 : STEP_MM[unit];
		const mm = Math.min(Math.max(from + direction * by, field.bounds[0]), field.bounds[1]);
		typed = null;
		draft.active = name;
		draft.set(name, formatLength(mm, unit, { withUnit: false }));
	}

	function use(mm: number) {
		typed = null;
		draft.set(name, formatLength(mm, unit, { withUnit: false }));
	}
</script>

<label for={counted ? countField(name) : name} class="question-title">{t.fields[name]}</label>
{#if how}
	<Disclosure words={t.nav.how} look="inline">
		<p id="{name}-how">{how}{methodWords ? ` ${t.measure.by(methodWords)}` : ''}</p>
		{#if photoHref}
			<p class="needs-js mt-2"><Button look="quiet" href={photoHref}>{t.measure.photo}</Button></p>
		{/if}
	</Disclosure>
{/if}
<div class="length mt-1.5">
	<StepField
		name={counted ? countField(name) : name}
		label={t.fields[name]}
		value={shown}
		locale={t.locale}
		unit={unitWords}
		{describedBy}
		isInvalid={issue !== null}
		{step}
		oninput={take}
		onfocus={() => (draft.active = name)}
		onblur={() => ((hasLeft = true), (typed = null))}
	/>
</div>
<p id="{name}-note" class="note" class:has-fault={issue !== null}>
	{#if issue}
		{issueWords(issue, t, unit)}
		{#if issue.meantMm !== undefined}
			{@const meant = issue.meantMm}
			<Button type="button" look="quiet" class="needs-js" onclick={() => use(meant)}>
				{t.issues.use(length(meant))}
			</Button>
		{/if}
	{:else}{note}{/if}
</p>
{#if mayStayUnmeasured(name)}
	<CheckBox
		name={cannotMeasureField(name)}
		words={t.issues.cant}
		offValue="no"
		isChecked={isOff}
		onchange={(isTicked) => draft.set(cannotMeasureField(name), isTicked ? 'yes' : 'no')}
	/>
{/if}

<style>
	.note {
		min-height: 2.75rem;
		padding: 0.25rem 0 0;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	.note.has-fault {
		margin-top: 0.25rem;
		padding: 0.25rem 0.75rem;
		border-inline-start: 4px solid var(--warm);
		background: var(--warm-wash);
		color: var(--ink);
	}
</style>
