<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { untrack } from 'svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import { PRACTICE_ACTS } from '$lib/core/cases/practice/score-practice';
	import type { PracticeCase } from '$lib/core/cases/practice/practice-cases';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../../platform/kit/Button.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import TextArea from '../../platform/kit/TextArea.svelte';
	import { PracticeOrder } from './practice-order.svelte';
	import { practiceLines } from './practice-words';

	interface Props {
		cases: readonly Omit<PracticeCase, 'result'>[];
		/** The case to which a message is written. */
		messageTo: number | null;
		fault: string | null;
	}

	let { cases, messageTo, fault }: Props = $props();

	const texts = deskWords.practice;
	const caseOf = (id: number) => cases.find((one) => one.id === id);
	const nameOf = (id: number) => caseOf(id)?.name ?? '';
	const order = untrack(
		() =>
			new PracticeOrder(
				cases.map(({ id }) => id),
				nameOf
			)
	);
	const options = [
		{ value: '', words: texts.choose },
		...PRACTICE_ACTS.map((value) => ({ value, words: texts.actsOf[value] }))
	];
	let chosen = $state<Record<number, string>>({});
	$effect(() => () => order.drag.end());
</script>

<h1 class="mt-1 text-title">{texts.roundHeading}</h1>
<p class="mt-1 max-w-prose text-ink-soft">{texts.roundLead}</p>
<p class="sr-only" role="status">{order.said}</p>
<form method="POST" action="?/answer" use:enhanceForm class="mt-4">
	<input type="hidden" name="order" value={order.ids.join(',')} />
	<ol>
		{#each order.ids as id, at (id)}
			{@const one = caseOf(id)}
			{@const card = { id: String(id) }}
			{#if one}
				<li
					class="card"
					class:dragged={order.drag.dragged === card.id}
					class:over={order.drag.over === card.id && order.drag.dragged !== card.id}
					{@attach order.drag.card(() => card, '.grip')}
					{@attach order.drag.place(card.id)}
				>
					<span class="place">
						<span class="num">{at + 1}</span>
						<Button
							type="button"
							look="quiet"
							size="desk"
							isIcon
							class="grip needs-js"
							id="grip-{id}"
							aria-label={texts.drag(one.name)}
							onkeydown={(event) => order.keys(event, id)}
							><GripVertical size={18} aria-hidden="true" /></Button
						>
					</span>
					<div class="min-w-0">
						<h2 class="font-semibold">{one.name}</h2>
						<ul class="text-note">
							{#each practiceLines(one.record) as line (line)}<li>{line}</li>{/each}
						</ul>
					</div>
					<div class="choose">
						<Select
							name="act.{id}"
							label={texts.firstAct(one.name)}
							isLabelHidden
							size="desk"
							value={chosen[id] ?? ''}
							{options}
							onchange={(value) => (chosen[id] = value)}
						/>
						<span class="needs-js flex">
							<Button
								type="button"
								look="quiet"
								size="desk"
								isIcon
								disabled={at === 0}
								aria-label={texts.moveUp(one.name)}
								onclick={() => order.by(id, -1)}><ArrowUp size={16} aria-hidden="true" /></Button
							>
							<Button
								type="button"
								look="quiet"
								size="desk"
								isIcon
								disabled={at === order.ids.length - 1}
								aria-label={texts.moveDown(one.name)}
								onclick={() => order.by(id, 1)}><ArrowDown size={16} aria-hidden="true" /></Button
							>
						</span>
					</div>
				</li>
			{/if}
		{/each}
	</ol>
	<div class="mt-5 max-w-2xl">
		{#if messageTo === null}<input type="hidden" name="message" value="" />
		{:else}
			<TextArea
				name="message"
				label={texts.message(nameOf(messageTo))}
				hint={texts.messageHint}
				maxlength={4000}
				rows={5}
				size="desk"
			/>
		{/if}
	</div>
	{#if fault}<p class="mt-3 font-semibold text-warm" role="alert">{fault}</p>{/if}
	<p class="mt-4"><Button look="main" size="desk">{texts.compare}</Button></p>
</form>

<style>
	.card {
		display: grid;
		grid-template-columns: 2.5rem minmax(0, 1fr) 15rem;
		gap: 0.75rem;
		padding: 0.625rem 0;
		border-bottom: 1px solid var(--rule);
		background: var(--paper);
	}
	.card.dragged {
		position: relative;
		z-index: 10;
		box-shadow: 0 2px 8px rgb(0 0 0 / 25%);
	}
	.card.over {
		border-bottom-color: var(--ink);
		background: var(--cool-wash);
	}
	.place {
		display: grid;
		justify-items: center;
		align-content: start;
	}
	.choose {
		display: flex;
		align-items: start;
		gap: 0.25rem;
	}
	.choose :global(.kit-select) {
		width: 10.5rem;
	}
	@media (max-width: 48rem) {
		.card {
			grid-template-columns: 2.5rem minmax(0, 1fr);
		}
		.choose {
			grid-column: 2;
		}
	}
</style>
