<script lang="ts">
	import {
		listedThings,
		readLength,
		SHELF,
		SIDE_PARTS,
		thingField,
		type FieldIssue
	} from '$lib/core/answers';
	import { CORNER_BOUNDS, type HouseholdKind } from '$lib/core/corner';
	import { formatLength, parseLength } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from './draft.svelte';
	import { issueWords } from './issue-words';
	import { pieceShape } from '../section/piece-shape';

	interface Props {
		draft: Draft;
		t: Catalogue;
		issues: readonly FieldIssue[];
	}

	let { draft, t, issues }: Props = $props();

	const listed = $derived(listedThings(draft.answers));
	const kindOf = (index: number) => draft.answers[thingField(index, 'kind')] as HouseholdKind;
	const nameOf = (index: number) =>
		draft.answers[thingField(index, 'label')] || t.things.names[kindOf(index)];

	function faultOf(index: number): FieldIssue | null {
		const of = issues.find((issue) => issue.field.startsWith(`thing.${index}.`));
		if (!of) return null;
		if (of.code === 'not-a-count') return /^\d{1,3}$/.test(draft.answers[of.field] ?? '') ? null : of;
		const read = readLength(of.field, draft.answers[of.field], draft.unit, {
			bounds: CORNER_BOUNDS.side,
			usual: [3, 2200]
		});
		return read.ok ? null : read.issue;
	}

	const countOf = (index: number) => Number(draft.answers[thingField(index, 'count')] ?? 1);
	const isPile = (index: number) =>
		countOf(index) > 1 && ['book', 'ream', 'board-game'].includes(kindOf(index));

	/** Eight books and the pile is 24 cm: each counts as 3. */
	function fromPile(index: number, text: string) {
		const pile = parseLength(text, draft.unit);
		if (!pile.ok || countOf(index) < 1) return;
		const each = Math.max(1, Math.round(pile.mm / countOf(index)));
		draft.set(thingField(index, 'c'), formatLength(each, draft.unit, { withUnit: false }));
	}

	/** Drawings of the shelf: all to one scale, 1 px is 9 mm. */
	function drawing(kind: HouseholdKind, size: readonly number[]) {
		const width = Math.min(56, Math.max(24, (size[0] ?? 0) / 9));
		const height = Math.min(
			30,
			Math.max(4, (kind === 'towel' || kind === 'blanket' ? 90 : (size[2] ?? 0)) / 6)
		);
		return {
			width: 60,
			height: 34,
			shape: pieceShape(kind, { x: (60 - width) / 2, y: 33 - height, width, height })
		};
	}
</script>

<h2 class="text-lead">{t.things.shelf}</h2>
<div class="mt-2 grid grid-cols-3 gap-2 sm:grid-cols-4">
	{#each SHELF as item (item.kind)}
		{@const picture = drawing(item.kind, item.size)}
		<button
			class="shelf-item"
			name="add"
			value={item.kind}
			formaction="?/add"
			formnovalidate
			aria-label={t.things.add(t.things.names[item.kind])}
		>
			<svg width={picture.width} height={picture.height} aria-hidden="true">
				<path d={picture.shape.outline} class="shape" /><path d={picture.shape.detail} class="detail" />
			</svg>
			<span>{t.things.names[item.kind]}</span>
		</button>
	{/each}
</div>

{#if listed.length === 0}
	<p class="mt-6 border-l-4 border-rule px-3 py-1 text-ink-soft">{t.things.none}</p>
{:else}
	<ul class="mt-6 border-t border-ink">
		{#each listed as index (index)}
			{@const kind = kindOf(index)}
			{@const fault = faultOf(index)}
			<li class="border-b border-rule py-3">
				<input type="hidden" name={thingField(index, 'kind')} value={kind} />
				<div class="flex flex-wrap items-end gap-2">
					<label class="min-w-40 flex-1">
						<span class="text-note text-ink-soft">{t.things.names[kind]}: {t.things.label.toLowerCase()}</span
						>
						<input
							class="field"
							name={thingField(index, 'label')}
							maxlength="60"
							value={draft.answers[thingField(index, 'label')] ?? ''}
							oninput={(event) => draft.set(thingField(index, 'label'), event.currentTarget.value)}
						/>
					</label>
					<label class="w-24">
						<span class="text-note text-ink-soft">{t.things.count}</span>
						<input
							class="field num"
							name={thingField(index, 'count')}
							inputmode="numeric"
							maxlength="3"
							value={draft.answers[thingField(index, 'count')] ?? '1'}
							oninput={(event) => draft.set(thingField(index, 'count'), event.currentTarget.value)}
						/>
					</label>
				</div>
				<div class="mt-2 flex flex-wrap items-end gap-2">
					{#each SIDE_PARTS as part (part)}
						<label class="min-w-20 flex-1">
							<span class="text-note text-ink-soft">{t.things.sides[part]}, {draft.unit}</span>
							<input
								class="field num"
								name={thingField(index, part)}
								inputmode="decimal"
								maxlength="20"
								aria-invalid={fault?.field === thingField(index, part)}
								value={draft.answers[thingField(index, part)] ?? ''}
								oninput={(event) => draft.set(thingField(index, part), event.currentTarget.value)}
							/>
						</label>
					{/each}
					<button
						class="btn px-3.5"
						name="remove"
						value={index}
						formaction="?/remove"
						formnovalidate
						aria-label={t.things.remove(nameOf(index))}
					>
						×
					</button>
				</div>
				{#if isPile(index)}
					<label class="needs-js mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 text-note">
						<span>{t.things.pile}, {draft.unit}</span>
						<input
							class="field num w-28"
							inputmode="decimal"
							maxlength="20"
							onchange={(event) => fromPile(index, event.currentTarget.value)}
						/>
						<span class="text-ink-soft">{t.things.pileHow}</span>
					</label>
				{/if}
				{#if fault}
					<p class="mt-1.5 border-l-4 border-warm bg-warm-wash px-3 py-1.5 text-note">
						{issueWords(fault, t, draft.unit)}
					</p>
				{:else if t.things.notes[kind]}
					<p class="mt-1 text-note text-ink-soft">{t.things.notes[kind]}</p>
				{/if}
			</li>
		{/each}
	</ul>
{/if}

<style>
	.shelf-item {
		display: flex;
		flex-direction: column;
		align-items: center;
		justify-content: flex-end;
		gap: 0.375rem;
		min-height: 5.25rem;
		padding: 0.5rem 0.25rem;
		border: 1px solid var(--edge);
		border-radius: 3px;
		background: var(--sheet);
		font-size: var(--text-note);
		line-height: 1.2;
		text-align: center;
	}
	.shelf-item:hover {
		background: var(--cool-wash);
	}
	.shape {
		fill: var(--warm-wash);
		stroke: var(--warm);
		stroke-width: 1.2;
	}
	.detail {
		fill: none;
		stroke: var(--warm);
		stroke-width: 0.8;
	}
</style>
