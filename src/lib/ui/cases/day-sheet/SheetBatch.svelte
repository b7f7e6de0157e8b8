<script lang="ts">
	import { filledFields, firstNameOf } from '$lib/core/platform/sending/own-texts';
	import { truncateText } from '$lib/core/platform/truncate-text';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import { replyWords } from '$lib/messages/desk/reply-words';
	import Button from '../../platform/kit/Button.svelte';
	import ActFields from '../ActFields.svelte';
	import WriteForm from '../WriteForm.svelte';
	import type { DaySheet } from './day-sheet.svelte';
	import { isFollowUp, mayBeSettled } from './sheet-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	let { sheet }: { sheet: DaySheet } = $props();

	const lines = $derived(sheet.tickedLines);
	const settleable = $derived(lines.filter(mayBeSettled));
	const finishable = $derived(lines.filter(isFollowUp));
	/** What neither button is for. */
	const others = $derived(lines.length - settleable.length - finishable.length);
	/** The beginning of a text, in one line. */
	const beginningOf = (text: string) => {
		const line = text.replace(/\s+/g, ' ').trim();
		const beginning = truncateText(line, 80);
		return beginning === line ? line : `${beginning} …`;
	};
	const ids = (of: typeof lines) => of.map(({ personId }) => personId);
</script>

{#snippet actOn(act: 'settle' | 'finish', of: typeof lines, words: string)}
	{#if of.length > 0}
		<form method="POST" action="?/{act}" use:enhanceForm={sheet.acting(ids(of))}>
			<ActFields form={sheet} />
			<input type="hidden" name="people" value={ids(of).join(',')} />
			<Button size="desk">{words}</Button>
		</form>
	{/if}
{/snippet}

{#snippet below(text: string)}
	<p class="text-note text-ink-soft">{texts.nameHint}</p>
	<ul class="each text-note">
		{#each lines as { personId, name } (personId)}
			<li>
				<span class="text-ink-soft">{name}</span>
				{beginningOf(filledFields(text, { name: firstNameOf(name) }))}
			</li>
		{/each}
	</ul>
{/snippet}

{#if lines.length > 0}
	<section class="batch" aria-label={texts.selectedCases}>
		<p class="font-semibold">
			{texts.casesSelected(lines.length)}
		</p>
		{@render actOn('settle', settleable, texts.markDone(settleable.length))}
		{@render actOn('finish', finishable, texts.finishMany(finishable.length))}
		<Button type="button" size="desk" look="quiet" onclick={() => sheet.ticked.clear()}
			>{texts.clearSelection}</Button
		>
		{#if others > 0}
			<p class="text-note text-ink-soft">
				{texts.leftOut(others)}
			</p>
		{/if}
		<details>
			<summary class="kit-summary">{texts.writeToAll}</summary>
			<WriteForm
				id="write-all"
				action="?/write"
				words={texts.sendToMany(lines.length)}
				offered={replyWords('{name}', lines[0]?.assessmentResult ?? null)}
				{below}
				hidden={{ people: ids(lines).join(',') }}
				sent={() => sheet.ticked.clear()}
			/>
		</details>
	</section>
{/if}

<style>
	.batch {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
		/* In sight wherever the list stands. */
		position: sticky;
		bottom: 0;
		z-index: 2;
		margin-top: 1rem;
		padding: 0.5rem 0.8rem;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
	.each {
		max-height: 9rem;
		overflow-y: auto;
	}
</style>
