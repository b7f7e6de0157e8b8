<script lang="ts">
	let { fault }: { fault: string | null } = $props();
</script>

<div role="alert">
	{#if fault}<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5 text-note">{fault}</p>{/if}
</div>
