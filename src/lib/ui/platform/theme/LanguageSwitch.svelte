<script lang="ts">
	import { page } from '$app/state';
	import type { Catalogue } from '$lib/messages/shapes';
	import { LOCALES, LOCALE_NAMES } from '$lib/messages/languages';
	import Button from '../kit/Button.svelte';

	let { token, t }: { token: string; t: Catalogue } = $props();
</script>

<form
	method="POST"
	action="/c/{token}/language"
	data-sveltekit-reload
	class="flex flex-wrap items-center gap-x-3"
>
	<input type="hidden" name="back" value={page.url.pathname + page.url.search} />
	<span class="text-ink-soft">{t.lists.label(t.frame.language)}</span>
	{#each LOCALES as language (language)}
		<Button look="quiet" name="language" value={language} lang={language} aria-pressed={language === t.locale}
			>{LOCALE_NAMES[language]}</Button
		>
	{/each}
</form>
