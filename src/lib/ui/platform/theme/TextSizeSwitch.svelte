<script lang="ts">
	import { page } from '$app/state';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../kit/Button.svelte';
	import { TEXT_SIZES, type TextSize } from '$lib/core/platform/text-sizes';

	interface Props {
		size: TextSize;
		t: Catalogue;
	}

	let { size, t }: Props = $props();
</script>

<form method="POST" action="/preferences" data-sveltekit-reload class="flex flex-wrap items-center gap-x-3">
	<input type="hidden" name="back" value={page.url.pathname + page.url.search} />
	<span class="text-ink-soft">{t.lists.label(t.frame.textSize.label)}</span>
	{#each TEXT_SIZES as option (option)}
		<Button look="quiet" name="text" value={option} aria-pressed={option === size}
			>{t.frame.textSize[option]}</Button
		>
	{/each}
</form>
