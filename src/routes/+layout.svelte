<script lang="ts">
	import { onMount } from 'svelte';
	import { keepTyped } from '$lib/ui/kit/typed-before';
	import { allTurns } from '$lib/ui/later/turns';
	import '../app.css';

	let { children } = $props();

	// What is taken over lies within this layout: its own set-up is the last moment at which the page is as its reader left it.
	const putBack = typeof document === 'undefined' ? () => {} : keepTyped(document);

	onMount(() => {
		putBack();
		// Says that scripts have taken the page over: until then buttons post forms, which tests have to tell apart.
		void allTurns().finally(() => document.documentElement.setAttribute('data-ready', ''));
	});
</script>

{@render children()}
