<script lang="ts">
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	let { progress, isClosed = false }: { progress: Readonly<Record<string, number>>; isClosed?: boolean } =
		$props();

	const PARTS = $derived([
		['answered', texts.haveAnswered],
		['sent', texts.noAnswerYet(isClosed)],
		['waiting', texts.emailNotSent],
		['bounced', texts.notReachable],
		['skipped', texts.skipped]
	] as const);
	const parts = $derived(
		PARTS.map(([state, words]) => ({ state, words, n: progress[state] ?? 0 })).filter(({ n }) => n > 0)
	);
	const total = $derived(parts.reduce((sum, { n }) => sum + n, 0));
	const told = $derived(parts.map(({ words, n }) => `${n} ${words}`).join(', '));
</script>

{#if total > 0}
	<div class="bar" role="img" aria-label={told}>
		{#each parts as part (part.state)}<span class={part.state} style:flex-grow={part.n}></span>{/each}
	</div>
	<p class="mt-1 text-note text-ink-soft">{told}</p>
{/if}

<style>
	.bar {
		display: flex;
		height: 0.75rem;
		border: 1px solid var(--ink);
		background: var(--sheet);
	}
	.bar span {
		min-width: 2px;
		border-inline-end: 1px solid var(--ink);
	}
	.bar span:last-child {
		border-inline-end: 0;
	}
	.answered {
		background: var(--cool);
	}
	.waiting {
		background: repeating-linear-gradient(45deg, var(--grid) 0 4px, var(--sheet) 4px 8px);
	}
	.bounced {
		background: var(--warm);
	}
	.skipped {
		background: var(--rule);
	}
</style>
