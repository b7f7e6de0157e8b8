<script lang="ts">
	import { CHOICE_FIELDS, choiceOf, type ChoiceFieldName } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from './draft.svelte';

	interface Props {
		name: ChoiceFieldName;
		draft: Draft;
		t: Catalogue;
	}

	let { name, draft, t }: Props = $props();

	const chosen = $derived(choiceOf(draft.answers, name));
	const words = $derived(t.options[name] as Readonly<Record<string, string>>);
	const hint = $derived(t.hints[name] ?? '');
</script>

<fieldset class="pb-3" aria-describedby={hint ? `${name}-hint` : undefined}>
	<legend class="pt-3 font-semibold">{t.fields[name]}</legend>
	{#if hint}<p id="{name}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
	<div class="mt-1.5 flex flex-wrap gap-2">
		{#each CHOICE_FIELDS[name].options as option (option)}
			<label class="choice">
				<input
					type="radio"
					{name}
					value={option}
					checked={chosen === option}
					onchange={() => draft.set(name, option)}
				/>
				<span>{words[option]}</span>
			</label>
		{/each}
	</div>
</fieldset>

<style>
	.choice {
		display: inline-flex;
		align-items: center;
		gap: 0.5rem;
		min-height: 2.75rem;
		padding: 0.25rem 0.875rem 0.25rem 0.625rem;
		border: 1.5px solid var(--edge);
		border-radius: 3px;
		background: var(--sheet);
	}
	.choice:has(:checked) {
		border-color: var(--ink);
		background: var(--ink);
		color: var(--sheet);
		font-weight: 600;
	}
	.choice:has(:focus-visible) {
		outline: 3px solid var(--cool);
		outline-offset: 2px;
	}
	input {
		accent-color: var(--sheet);
		width: 1.05rem;
		height: 1.05rem;
		outline: none;
	}
</style>
