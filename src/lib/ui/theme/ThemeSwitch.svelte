<script lang="ts">
	import { page } from '$app/state';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';

	interface Props {
		theme: 'light' | 'dark' | '';
		t: Catalogue;
	}

	let { theme, t }: Props = $props();

	/** What the switch offers: the other one. Where the device decides, both are offered by it being dark or not. */
	const other = $derived(theme === 'dark' ? 'light' : 'dark');
</script>

<form method="POST" action="/preferences" data-sveltekit-reload>
	<input type="hidden" name="back" value={page.url.pathname + page.url.search} />
	<Button look="quiet" name="theme" value={other}>{t.frame.theme[other]}</Button>
</form>
