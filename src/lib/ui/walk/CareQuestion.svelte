<script lang="ts">
	import { careField, choiceOf, hasCare } from '$lib/core/answers';
	import { ARMS, CARES } from '$lib/core/corner';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import CheckBox from '../kit/CheckBox.svelte';
	import type { Draft } from './draft.svelte';

	let { draft, t }: { draft: Draft; t: Catalogue } = $props();

	const arms = $derived(choiceOf(draft.answers, 'arms'));
	const ONE_ARM = ARMS.filter((one) => one !== 'both');
</script>

<fieldset>
	<legend class="question-title font-semibold">{t.care.question}</legend>
	<p class="text-note text-ink-soft">{t.care.why}</p>
	<div class="mt-2 grid grid-cols-2 gap-2">
		{#each CARES as care (care)}
			<CheckBox
				name={careField(care)}
				words={t.care.options[care]}
				look="row"
				offValue="no"
				isChecked={draft.answers[careField(care)] === 'yes'}
				onchange={(isTicked) => draft.set(careField(care), isTicked ? 'yes' : 'no')}
			/>
		{/each}
		{#each ONE_ARM as one (one)}
			<CheckBox
				name="arms"
				value={one}
				words={t.care.arms[one]}
				look="row"
				isChecked={arms === one}
				onchange={(isTicked) => draft.set('arms', isTicked ? one : 'both')}
			/>
		{/each}
	</div>
</fieldset>
{#if !hasCare(draft.answers)}
	<p class="mt-3">
		<Button size="thumb" class="w-full sm:w-auto" name="none" value="care" formnovalidate
			>{t.first.none}</Button
		>
	</p>
{/if}
