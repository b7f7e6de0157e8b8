<script lang="ts">
	import { page } from '$app/state';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../kit/Button.svelte';

	interface Props {
		theme: 'light' | 'dark' | '';
		t: Catalogue;
	}

	let { theme, t }: Props = $props();

	/** The switch offers the other theme. Where the device decides, its present scheme determines which. */
	const other = $derived(theme === 'dark' ? 'light' : 'dark');
</script>

<form method="POST" action="/preferences" data-sveltekit-reload>
	<input type="hidden" name="back" value={page.url.pathname + page.url.search} />
	<Button look="quiet" name="theme" value={other}>{t.frame.theme[other]}</Button>
</form>
