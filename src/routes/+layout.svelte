<script lang="ts">
	import { onMount } from 'svelte';
	import { preserveInput } from '$lib/ui/platform/kit/preserve-input';
	import { queueIdle } from '$lib/ui/platform/lazy-hydrate/idle-tasks';
	import '../app.css';

	let { children } = $props();

	// Hydration happens below this layout: its own set-up is the last moment at which the page is as its reader left it.
	const putBack = typeof document === 'undefined' ? () => {} : preserveInput(document);

	onMount(() => {
		putBack();
		// Marks that the page is hydrated: until then buttons post forms, which tests must tell apart.
		void queueIdle().finally(() => document.documentElement.setAttribute('data-ready', ''));
	});
</script>

{@render children()}
