<script lang="ts">
	let { words }: { words: readonly string[] } = $props();
</script>

<div class="lines">
	{#each words as line (line)}<p>{line}</p>{/each}
</div>

<style>
	.lines {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(14rem, 1fr));
		gap: 2rem;
		margin-top: 3.5rem;
	}
	p {
		border-top: 1px solid var(--ink);
		padding-top: 0.25rem;
		font-size: var(--text-note);
	}
</style>
