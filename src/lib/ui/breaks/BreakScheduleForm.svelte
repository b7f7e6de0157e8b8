<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import {
		BREAK_SCHEDULES,
		STANDING_SHARES,
		type BreakSchedule,
		type StandingShare
	} from '$lib/core/breaks/break-schedules';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Button from '../platform/kit/Button.svelte';
	import Select from '../platform/kit/Select.svelte';
	import { breakScheduleWords } from './break-words';

	interface Props {
		sentBreakSchedule: BreakSchedule;
		chosenBreakSchedule: BreakSchedule | null;
		/** What the organisation offers; a choice that was made stays. */
		offered: readonly BreakSchedule[];
		share: StandingShare;
		canStand: boolean;
		isSeated: boolean;
		texts: BreakTexts;
	}

	let { sentBreakSchedule, chosenBreakSchedule, offered, share, canStand, isSeated, texts }: Props = $props();

	let isKept = $state(false);
	let form = $state<HTMLFormElement>();
	const why = $derived(breakScheduleWords(texts, chosenBreakSchedule ?? sentBreakSchedule, isSeated).why);
	const send = () => form?.requestSubmit();
</script>

<form
	bind:this={form}
	method="POST"
	action="?/choose"
	use:enhanceForm={() =>
		async ({ update, result }) => {
			await update({ reset: false });
			isKept = result.type === 'success';
		}}
>
	<fieldset>
		<legend class="text-lead font-semibold">{texts.day.breakSchedule}</legend>
		<div class="mt-2 grid gap-3">
			<Select
				name="breakSchedule"
				label={texts.day.breakSchedule}
				isLabelHidden
				value={chosenBreakSchedule ?? ''}
				options={[
					{ value: '', words: texts.day.asSet(breakScheduleWords(texts, sentBreakSchedule, isSeated).name) },
					...BREAK_SCHEDULES.filter((one) => one === chosenBreakSchedule || offered.includes(one)).map(
						(value) => ({
							value,
							words: breakScheduleWords(texts, value, isSeated).name
						})
					)
				]}
				onchange={send}
			/>
			<p>{why} <span class="text-ink-soft">{texts.day.others}</span></p>
			{#if canStand}
				<Select
					name="share"
					label={texts.day.share}
					value={share}
					options={STANDING_SHARES.map((value) => ({ value, words: texts.shares[value] }))}
					onchange={send}
				/>
				<p class="text-note text-ink-soft">{texts.day.still}</p>
			{/if}
		</div>
	</fieldset>
	<div class="mt-2 flex items-center gap-3">
		<span class="kit-without-scripts"><Button>{texts.day.keep}</Button></span>
		<span role="status" class="text-note text-cool">{isKept ? texts.day.kept : ''}</span>
	</div>
</form>
