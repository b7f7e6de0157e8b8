<script lang="ts">
	import { onMount } from 'svelte';
	import '../app.css';

	let { children } = $props();

	// Says that scripts have taken the page over: until then buttons post forms, which tests have to tell apart.
	onMount(() => document.documentElement.setAttribute('data-ready', ''));
</script>

{@render children()}
