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
