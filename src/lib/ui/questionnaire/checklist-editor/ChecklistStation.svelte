<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { isOwnId } from '$lib/core/questionnaire/checklist/own-ids';
	import { isSafetyItem, type ChecklistItem } from '$lib/core/questionnaire/checklist/item';
	import type { ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
	import type { ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
	import {
		leftOutItems,
		mayBeLeftOut,
		shippedItems
	} from '$lib/core/questionnaire/checklist-editor/edit-checklist';
	import { deskWords } from '$lib/messages/desk';
	import type { CaseForm } from '../../cases/case-form.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import type { CardDrag } from '../../platform/kit/card-drag.svelte';
	import Disclosure from '../../platform/kit/Disclosure.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { DocumentWords } from './document-words';

	const texts = deskWords.checklistEditor;

	interface Props {
		station: ChecklistStation;
		document: ChecklistDocument;
		/** Questions of this station, in order. */
		items: readonly ChecklistItem[];
		seen: number;
		words: DocumentWords;
		form: CaseForm;
		drag: CardDrag<{ readonly id: string }>;
		isOpen: boolean;
		/** Called with a question and its new place, from 0 on. */
		move: (id: string, to: number) => void;
	}

	let { station, document, items, seen, words, form, drag, isOpen, move }: Props = $props();

	const left = $derived(
		leftOutItems(document).filter((id) =>
			shippedItems(document).some((item) => item.id === id && item.station === station)
		)
	);
	const isReworded = (id: string) =>
		!isOwnId(id) && Object.values(document.words).some((of) => of.items[id] !== undefined);
	const tagsOf = (item: ChecklistItem) =>
		[
			isOwnId(item.id) ? texts.own : isReworded(item.id) ? texts.reworded : '',
			isSafetyItem(item) ? texts.safety : item.isForAll ? texts.forAll : '',
			item.when.length > 0 ? texts.onlyIf : ''
		].filter(Boolean);
	function byKeys(event: KeyboardEvent, id: string, at: number) {
		const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
		if (by === 0 || event.repeat) return;
		event.preventDefault();
		move(id, at + by);
	}
</script>

<Disclosure words={texts.station(words.station(station), items.length)} {isOpen}>
	<ol>
		{#each items as item, at (item.id)}
			{@const name = words.question(item.id) || texts.noWords}
			<li
				class="row"
				class:dragged={drag.dragged === item.id}
				class:over={drag.over === item.id && drag.dragged !== item.id}
				{@attach drag.card(() => item, '.grip')}
				{@attach drag.place(item.id)}
			>
				<Button
					type="button"
					look="quiet"
					size="desk"
					isIcon
					class="grip needs-js"
					id="grip-{item.id}"
					aria-label={texts.drag(name)}
					onkeydown={(event) => byKeys(event, item.id, at)}
					><GripVertical size={18} aria-hidden="true" /></Button
				>
				<p class="words">
					<span class:text-ink-soft={!words.question(item.id)}>{name}</span>
					{#each tagsOf(item) as tag (tag)}<span class="tag">{tag}</span>{/each}
				</p>
				<form method="POST" action="?/move" use:enhanceForm={form.submit} class="acts">
					<input type="hidden" name="seen" value={seen} />
					<input type="hidden" name="part" value={item.id} />
					<span class="arrows">
						<Button
							look="quiet"
							size="desk"
							isIcon
							name="to"
							value={at - 1}
							disabled={at === 0}
							aria-label={texts.up(name)}><ArrowUp size={16} aria-hidden="true" /></Button
						>
						<Button
							look="quiet"
							size="desk"
							isIcon
							name="to"
							value={at + 1}
							disabled={at === items.length - 1}
							aria-label={texts.down(name)}><ArrowDown size={16} aria-hidden="true" /></Button
						>
					</span>
					<Button
						look="quiet"
						size="desk"
						href="/desk/organisation/checklist/question?id={item.id}"
						aria-label={texts.editOf(name)}>{texts.edit}</Button
					>
					{#if isOwnId(item.id) || mayBeLeftOut(document, item.id)}
						<Button
							look="quiet"
							size="desk"
							formaction="?/remove"
							aria-label={isOwnId(item.id) ? texts.removeOf(name) : texts.leaveOutOf(name)}
							>{isOwnId(item.id) ? texts.remove : texts.leaveOut}</Button
						>
					{/if}
				</form>
			</li>
		{/each}
	</ol>
	<p class="mt-2 text-note">
		<a
			href="/desk/organisation/checklist/question?station={station}"
			aria-label={texts.addTo(words.station(station))}>{texts.add}</a
		>
	</p>
	{#if left.length > 0}
		<div class="mt-2 mb-3 text-note">
			<h3 class="font-semibold">{texts.leftOut(left.length)}</h3>
			<ul>
				{#each left as id (id)}
					<li>
						<form
							method="POST"
							action="?/takeIn"
							use:enhanceForm={form.submit}
							class="flex flex-wrap items-baseline gap-x-3"
						>
							<input type="hidden" name="seen" value={seen} />
							<input type="hidden" name="part" value={id} />
							<span class="text-ink-soft">{words.question(id)}</span>
							<Button look="quiet" size="desk" aria-label={texts.askAgainOf(words.question(id))}
								>{texts.askAgain}</Button
							>
						</form>
					</li>
				{/each}
			</ul>
		</div>
	{/if}
</Disclosure>

<style>
	.row {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr) auto;
		gap: 0 0.5rem;
		align-items: center;
		border-top: 1px solid var(--rule);
		padding: 0.25rem 0;
		background: var(--paper);
	}
	.row.dragged {
		position: relative;
		z-index: 2;
		outline: 2px solid var(--cool);
	}
	.row.over {
		box-shadow: 0 -2px 0 var(--cool);
	}
	.row :global(.grip) {
		color: var(--ink-soft);
		cursor: grab;
		touch-action: none;
	}
	.words {
		min-width: 0;
	}
	.tag {
		display: inline-block;
		margin-inline-start: 0.5rem;
		color: var(--ink-soft);
		font-size: var(--text-note);
		font-style: italic;
	}
	.acts {
		display: flex;
		align-items: center;
		gap: 0.25rem 0.75rem;
		font-size: var(--text-note);
	}
	.arrows {
		display: flex;
	}
	.arrows :global(:disabled) {
		visibility: hidden;
	}
	@media (max-width: 47.99rem) {
		.row {
			grid-template-columns: auto minmax(0, 1fr);
		}
		.acts {
			grid-column: 2;
		}
	}
</style>
