<script lang="ts">
	import { discomfortChange } from '$lib/core/cases/discomfort/discomfort-change';
	import { deskWords } from '$lib/messages/desk';
	import { drawn } from '../workstation/gap-mark/gap-scale';

	const texts = deskWords.cases;

	/** Worst score of each report, oldest first. */
	let { worstScores }: { worstScores: readonly number[] } = $props();

	const WIDTH = 52;
	const HEIGHT = 20;

	const x = (i: number) =>
		worstScores.length < 2 ? WIDTH / 2 : drawn(4 + (i / (worstScores.length - 1)) * (WIDTH - 8));
	const y = (worst: number) => drawn(HEIGHT - 3 - (worst / 10) * (HEIGHT - 6));
	const first = $derived(worstScores[0] ?? 0);
	const last = $derived(worstScores.at(-1) ?? 0);
	const change = $derived(worstScores.length > 1 ? discomfortChange(first, last) : null);
	const words = $derived(texts.discomfortReports(worstScores, change));
</script>

<span class="trend" role="img" aria-label={words} title={words}>
	{#if worstScores.length > 0}
		<svg viewBox="0 0 {WIDTH} {HEIGHT}" width={WIDTH} height={HEIGHT} aria-hidden="true">
			<line x1="0" x2={WIDTH} y1={y(4)} y2={y(4)} />
			<polyline points={worstScores.map((worst, i) => `${x(i)},${y(worst)}`).join(' ')} />
			<circle cx={x(worstScores.length - 1)} cy={y(last)} r="2.4" />
		</svg>
		<span class="num">{last}</span>
	{/if}
</span>

<style>
	.trend {
		display: inline-flex;
		align-items: center;
		gap: 0.25rem;
		min-width: 4.5rem;
		font-size: var(--text-mark);
	}
	line {
		stroke: var(--warm);
		stroke-width: 0.8;
		stroke-dasharray: 2 3;
	}
	polyline {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.3;
	}
	circle {
		fill: var(--ink);
	}
</style>
