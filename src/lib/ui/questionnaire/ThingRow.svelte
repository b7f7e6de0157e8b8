<script lang="ts">
	import Trash from '@lucide/svelte/icons/trash-2';
	import { readLengthField, type FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { THING_SIDE_PARTS } from '$lib/core/questionnaire/answers/household-things';
	import { thingField } from '$lib/core/questionnaire/answers/fields';
	import { CORNER_BOUNDS } from '$lib/core/workstation/corner/corner-bounds';
	import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
	import { formatLength, withDecimalMark } from '$lib/core/body/length/format-length';
	import { parseLength } from '$lib/core/body/length/parse-length';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import StepField from '../platform/kit/StepField.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import type { Draft } from './draft.svelte';
	import { issueWords } from './issue-words';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		index: number;
		draft: Draft;
		t: Catalogue;
		/** Errors found by the last attempt to continue; mistyped values are reported at once. */
		issues: readonly FieldIssue[];
	}

	let { index, draft, t, issues }: Props = $props();

	const PILES: readonly HouseholdKind[] = ['book', 'ream', 'board-game'];
	const text = (part: Parameters<typeof thingField>[1]) => draft.answers[thingField(index, part)] ?? '';
	const set = (part: Parameters<typeof thingField>[1], typed: string) =>
		draft.set(thingField(index, part), typed);

	const kind = $derived(text('kind') as HouseholdKind);
	const unit = $derived(draft.unit);
	const name = $derived(text('label') || t.things.names[kind]);
	const count = $derived(/^\d{1,3}$/.test(text('count').trim()) ? Number(text('count')) : null);
	const isPile = $derived(PILES.includes(kind));
	const sides = $derived(
		THING_SIDE_PARTS.map((part) => ({
			part,
			read: readLengthField(thingField(index, part), text(part), unit, {
				bounds: CORNER_BOUNDS.side,
				usual: [3, 2200]
			})
		}))
	);
	const height = $derived(sides[2]?.read);
	const pile = $derived(
		height?.ok && count ? formatLength(height.mm * count, unit, { withUnit: false }) : ''
	);
	/** The height of the pile as typed: it becomes the height of one only once it is readable. */
	let typedPile = $state<string | null>(null);
	const words = (issue: FieldIssue) => issueWords(issue, t, unit);
	const countFault = $derived(
		count === null || count > CORNER_BOUNDS.count[1]
			? words({ field: thingField(index, 'count'), code: 'not-a-count', bounds: [0, CORNER_BOUNDS.count[1]] })
			: null
	);
	const hasSideFault = $derived(sides.some(({ read }) => !read.ok));
	const isRefused = $derived(issues.some(({ field }) => field.startsWith(`thing.${index}.`)));

	function setCount(typed: string) {
		set('count', typed);
	}

	function setPile(typed: string) {
		typedPile = typed;
		const read = parseLength(typed, unit);
		if (!read.ok || !count) return;
		set('c', formatLength(Math.max(1, Math.round(read.mm / count)), unit, { withUnit: false }));
	}

	function stepPile(direction: 1 | -1) {
		const now = height?.ok && count ? height.mm * count : 0;
		typedPile = null;
		setPile(formatLength(Math.max(5, now + direction * 10), unit, { withUnit: false }));
		typedPile = null;
	}
</script>

<li class="border-b border-rule py-3">
	<LazyHydrate>
		<input type="hidden" name={thingField(index, 'kind')} value={kind} />
		<div class="flex items-center justify-between gap-3">
			<p class="font-semibold">{name}</p>
			<Button
				isIcon
				name="takeOut"
				value={index}
				formaction="?/remove"
				formnovalidate
				aria-label={t.things.remove(name)}
			>
				<Trash size={18} aria-hidden="true" />
			</Button>
		</div>
		<div class="grid gap-3 sm:grid-cols-2">
			<div>
				<label class="text-note" for={thingField(index, 'count')}>{t.things.count}</label>
				<StepField
					name={thingField(index, 'count')}
					label={t.lists.of(t.things.count, name)}
					value={text('count') || '1'}
					locale={t.locale}
					unit=""
					maxlength={3}
					isInvalid={countFault !== null}
					step={(direction) => setCount(String(Math.max(0, (count ?? 0) + direction)))}
					oninput={setCount}
				/>
				<p class="fault">{countFault ?? ''}</p>
			</div>
			{#if isPile}
				<div class="needs-js">
					<label class="text-note" for="pile.{index}">{t.things.pile}</label>
					<StepField
						name="pile.{index}"
						isPosted={false}
						label={t.lists.of(t.things.pile, name)}
						value={typedPile ?? pile}
						locale={t.locale}
						{unit}
						step={stepPile}
						oninput={setPile}
						onblur={() => (typedPile = null)}
					/>
				</div>
			{/if}
		</div>
		<Disclosure words={t.things.sizes} look="inline" isOpen={isRefused || hasSideFault}>
			<div class="grid gap-2">
				<TextField
					name={thingField(index, 'label')}
					label={t.things.label}
					value={text('label')}
					maxlength={60}
					oninput={(typed) => set('label', typed)}
				/>
				<div class="grid grid-cols-3 gap-2">
					{#each sides as { part, read } (part)}
						<TextField
							name={thingField(index, part)}
							label={t.things.sides[part]}
							value={withDecimalMark(text(part), t.locale)}
							inputmode="decimal"
							maxlength={20}
							fault={read.ok ? null : words(read.issue)}
							oninput={(typed) => set(part, typed)}
						/>
					{/each}
				</div>
				{#if t.things.notes[kind]}<p class="text-note text-ink-soft">{t.things.notes[kind]}</p>{/if}
			</div>
		</Disclosure></LazyHydrate
	>
</li>

<style>
	.fault {
		min-height: 1.25rem;
		font-size: var(--text-note);
		color: var(--warm);
	}
</style>
