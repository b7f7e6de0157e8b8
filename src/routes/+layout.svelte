<script lang="ts">
	import { onMount } from 'svelte';
	import { preserveInput } from '$lib/ui/kit/preserve-input';
	import { queueIdle } from '$lib/ui/lazy-hydrate/idle-tasks';
	import '../app.css';

	let { children } = $props();

	// What is taken over lies within this layout: its own set-up is the last moment at which the page is as its reader left it.
	const putBack = typeof document === 'undefined' ? () => {} : preserveInput(document);

	onMount(() => {
		putBack();
		// Says that scripts have taken the page over: until then buttons post forms, which tests have to tell apart.
		void queueIdle().finally(() => document.documentElement.setAttribute('data-ready', ''));
	});
</script>

{@render children()}
