<script lang="ts">
	import {
		canBeLeftOpen,
		cantField,
		choiceOf,
		isLeftOpen,
		LENGTH_FIELDS,
		readLength,
		usualLength,
		type FieldIssue,
		type LengthFieldName
	} from '$lib/core/answers';
	import { formatLength } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from './draft.svelte';
	import CountedLength from '../measuring/CountedLength.svelte';
	import { issueWords } from './issue-words';

	/** Fields of the lengths that are not the body's. */
	const FIELD_OF_FURNITURE = {
		seat: 'seatHeight',
		surface: 'surfaceHeight',
		thickness: 'surfaceThickness'
	} as const;

	interface Props {
		name: LengthFieldName;
		draft: Draft;
		t: Catalogue;
		/** May stay empty. */
		optional?: boolean;
		/** What stands in for an empty one, in words. */
		standIn?: string | null;
		/** Faults that the server found at the last try. */
		issues?: readonly FieldIssue[];
	}

	let { name, draft, t, optional = false, standIn = null, issues = [] }: Props = $props();

	const field = $derived(LENGTH_FIELDS[name]);
	const unit = $derived(draft.unit);
	const shown = $derived(
		draft.answers[name] ??
			(field.start === null ? '' : formatLength(field.start, unit, { withUnit: false, locale: 'en' }))
	);
	const read = $derived(readLength(name, shown, unit, field));
	let left = $state(false);
	const told = $derived(left || issues.some((issue) => issue.field === name));
	const empty = $derived(shown.trim() === '');
	/** Furniture that can't be measured now gets a usual length; the person's own are estimated when left empty. */
	const mayStandIn = $derived(canBeLeftOpen(name));
	/** Long lengths may be counted in sheets or spans, where that is how the person measures. */
	const countedBy = $derived.by(() => {
		if (field.usual[1] < 300 || name === 'stature') return null;
		const by = choiceOf(draft.answers, optional ? 'bodyBy' : 'by');
		return by === 'a4-sheets' || by === 'hand-span' ? by : null;
	});
	/** Asked for by name where it decides what is still open. */
	const isDeciding = $derived(
		draft.measureNext !== null &&
			name === (FIELD_OF_FURNITURE[draft.measureNext as keyof typeof FIELD_OF_FURNITURE] ?? draft.measureNext)
	);
	const cant = $derived(isLeftOpen(draft.answers, name));
	// While somebody types nothing is said; once the field is left, or was refused, its fault stands until it is mended.
	const issue = $derived(
		told && !cant && !read.ok && !(empty && (optional || !issues.some((i) => i.field === name)))
			? read.issue
			: null
	);
	const unusual = $derived(told && read.ok && read.unusual ? read.mm : null);
	const hint = $derived(t.hints[name] ?? '');
	const describedBy = $derived(
		[hint ? `${name}-hint` : '', issue || unusual !== null ? `${name}-issue` : '']
			.filter(Boolean)
			.join(' ') || undefined
	);

	/** One step of the − and + buttons, mm. */
	const STEP_MM = { cm: 5, mm: 5, in: 25.4 / 8 } as const;

	function step(direction: 1 | -1) {
		const from = read.ok ? read.mm : (field.start ?? (field.usual[0] + field.usual[1]) / 2);
		const mm = Math.min(Math.max(from + direction * STEP_MM[unit], field.bounds[0]), field.bounds[1]);
		draft.active = name;
		draft.set(name, formatLength(mm, unit, { withUnit: false, locale: 'en' }));
	}

	function use(mm: number) {
		draft.set(name, formatLength(mm, unit, { withUnit: false, locale: 'en' }));
	}
</script>

<div class="py-3">
	<label for={name} class="block font-semibold">{t.fields[name]}</label>
	{#if hint}<p id="{name}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
	<div class="mt-1.5 flex items-stretch gap-2">
		<div class="relative min-w-0 max-w-64 flex-1">
			<input
				class="field num pr-12 text-head font-semibold"
				id={name}
				{name}
				type="text"
				inputmode="decimal"
				autocomplete="off"
				maxlength="40"
				value={shown}
				aria-invalid={issue !== null}
				aria-describedby={describedBy}
				oninput={(event) => draft.set(name, event.currentTarget.value)}
				onfocus={() => (draft.active = name)}
				onblur={() => (left = true)}
			/>
			<span
				class="pointer-events-none absolute inset-y-0 right-3 flex items-center text-ink-soft"
				aria-hidden="true">{unit}</span
			>
		</div>
		<button type="button" class="btn needs-js px-3.5" aria-label="− {t.fields[name]}" onclick={() => step(-1)}
			>−</button
		>
		<button type="button" class="btn needs-js px-3.5" aria-label="+ {t.fields[name]}" onclick={() => step(1)}
			>+</button
		>
	</div>
	{#if isDeciding}
		<p class="mt-1.5 border-l-4 border-cool bg-cool-wash px-3 py-1 text-note">{t.issues.decides}</p>
	{/if}
	{#if countedBy}<CountedLength {name} by={countedBy} {draft} {t} />{/if}
	{#if mayStandIn}
		<label class="mt-1.5 inline-flex min-h-11 items-center gap-2 text-note">
			<input type="hidden" name={cantField(name)} value="no" />
			<input
				type="checkbox"
				class="size-4.5"
				name={cantField(name)}
				value="yes"
				checked={cant}
				onchange={(event) => draft.set(cantField(name), event.currentTarget.checked ? 'yes' : 'no')}
			/>
			<span>{t.issues.cant}</span>
		</label>
		{#if cant}
			<p class="border-l-4 border-rule px-3 py-1 text-note text-ink-soft">
				{t.issues.standsIn(
					formatLength(usualLength(name, draft.answers), unit, { locale: t.locale })
				)}
			</p>
		{/if}
	{/if}
	{#if issue}
		<p id="{name}-issue" class="mt-1.5 border-l-4 border-warm bg-warm-wash px-3 py-1.5 text-note">
			{issueWords(issue, t, unit)}
			{#if issue.meantMm !== undefined}
				{@const meant = issue.meantMm}
				<button type="button" class="link-button needs-js font-semibold" onclick={() => use(meant)}>
					{t.issues.use(formatLength(meant, unit, { locale: t.locale }))}
				</button>
			{/if}
		</p>
	{:else if unusual !== null}
		<p id="{name}-issue" class="mt-1.5 border-l-4 border-edge px-3 py-1 text-note text-ink-soft">
			{t.issues.unusual(formatLength(unusual, unit, { locale: t.locale }))}
		</p>
	{:else if empty && standIn}
		<p class="mt-1.5 border-l-4 border-rule px-3 py-1 text-note text-ink-soft">{standIn}</p>
	{/if}
</div>
