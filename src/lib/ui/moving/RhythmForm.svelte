<script lang="ts">
	import { enhance } from '$app/forms';
	import { RHYTHMS, STANDING_SHARES, type Rhythm, type StandingShare } from '$lib/core/moving';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import Select from '../kit/Select.svelte';

	interface Props {
		setRhythm: Rhythm;
		ownRhythm: Rhythm | null;
		share: StandingShare;
		canStand: boolean;
		t: Catalogue;
	}

	let { setRhythm, ownRhythm, share, canStand, t }: Props = $props();

	let isKept = $state(false);
	let form = $state<HTMLFormElement>();
	const why = $derived(t.moving.rhythms[ownRhythm ?? setRhythm].why);
	const send = () => form?.requestSubmit();
</script>

<form
	bind:this={form}
	method="POST"
	action="?/choose"
	use:enhance={() =>
		async ({ update, result }) => {
			await update({ reset: false });
			isKept = result.type === 'success';
		}}
>
	<fieldset>
		<legend class="text-lead font-semibold">{t.moving.day.rhythm}</legend>
		<div class="mt-2 grid gap-3">
			<Select
				name="rhythm"
				label={t.moving.day.rhythm}
				isLabelHidden
				value={ownRhythm ?? ''}
				options={[
					{ value: '', words: t.moving.day.asSet(t.moving.rhythms[setRhythm].name) },
					...RHYTHMS.map((value) => ({ value, words: t.moving.rhythms[value].name }))
				]}
				onchange={send}
			/>
			<p>{why} <span class="text-ink-soft">{t.moving.day.others}</span></p>
			{#if canStand}
				<Select
					name="share"
					label={t.moving.day.share}
					value={share}
					options={STANDING_SHARES.map((value) => ({ value, words: t.moving.shares[value] }))}
					onchange={send}
				/>
				<p class="text-note text-ink-soft">{t.moving.day.still}</p>
			{/if}
		</div>
	</fieldset>
	<div class="mt-2 flex items-center gap-3">
		<span class="kit-without-scripts"><Button>{t.moving.day.keep}</Button></span>
		<span role="status" class="text-note text-cool">{isKept ? t.moving.day.kept : ''}</span>
	</div>
</form>
