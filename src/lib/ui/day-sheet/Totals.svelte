<script lang="ts">
	import type { Level } from '$lib/core/triage';
	import { levelEn } from '$lib/messages/triage-en';

	interface Props {
		totals: {
			readonly people: number;
			readonly sent: number;
			readonly answered: number;
			readonly levels: readonly { readonly level: Level; readonly n: number }[];
		};
	}

	let { totals }: Props = $props();
</script>

<p class="mt-4">Your account sees totals and no person.</p>
<dl class="mt-4 max-w-md">
	{#each [['People', totals.people], ['Were sent a self-assessment', totals.sent], ['Have answered the newest', totals.answered]] as const as [name, n] (name)}
		<div>
			<dt>{name}</dt>
			<dd class="num">{n}</dd>
		</div>
	{/each}
	{#each totals.levels as { level, n } (level)}
		<div>
			<dt>Open: {levelEn[level].name}</dt>
			<dd class="num">{n < 5 ? 'fewer than 5' : n}</dd>
		</div>
	{/each}
</dl>

<style>
	div {
		display: flex;
		justify-content: space-between;
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--rule);
	}
</style>
