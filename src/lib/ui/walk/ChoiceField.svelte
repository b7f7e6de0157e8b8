<script lang="ts">
	import { CHOICE_FIELDS, choiceOf, type ChoiceFieldName } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from './draft.svelte';

	interface Props {
		name: ChoiceFieldName;
		draft: Draft;
		t: Catalogue;
		/** The options that are offered here, where not all are. */
		options?: readonly string[];
		/** Shown as a list to open, where there are many. */
		asList?: boolean;
	}

	let { name, draft, t, options = CHOICE_FIELDS[name].options, asList = false }: Props = $props();

	const chosen = $derived(choiceOf(draft.answers, name));
	const words = $derived(t.options[name] as Readonly<Record<string, string>>);
	const hint = $derived(t.hints[name] ?? '');
</script>

{#if asList}
	<div class="py-3">
		<label for={name} class="block font-semibold">{t.fields[name]}</label>
		{#if hint}<p id="{name}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
		<select
			class="field mt-1.5 max-w-64"
			id={name}
			{name}
			value={chosen}
			aria-describedby={hint ? `${name}-hint` : undefined}
			onchange={(event) => draft.set(name, event.currentTarget.value)}
		>
			{#each options as option (option)}<option value={option}>{words[option]}</option>{/each}
		</select>
	</div>
{:else}
	<fieldset class="pb-3" aria-describedby={hint ? `${name}-hint` : undefined}>
		<legend class="pt-3 font-semibold">{t.fields[name]}</legend>
		{#if hint}<p id="{name}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
		<div class="mt-1.5 flex flex-wrap gap-2">
			{#each options as option (option)}
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
{/if}
