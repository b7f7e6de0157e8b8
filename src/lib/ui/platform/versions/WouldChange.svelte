<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** Id of its heading; without one it is announced as it comes. */
		labelledby?: string;
		children: Snippet;
	}

	let { labelledby, children }: Props = $props();
</script>

<!-- What publishing would change. -->
<section aria-labelledby={labelledby} aria-live={labelledby ? undefined : 'polite'}>
	{@render children()}
</section>

<style>
	section {
		margin-top: 1rem;
		padding: 0.75rem 1rem;
		border-inline-start: 3px solid var(--cool);
		background: var(--cool-wash);
	}
</style>
