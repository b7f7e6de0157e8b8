<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import ChartFigure from '../platform/kit/charts/ChartFigure.svelte';
	import { trendLines } from '../platform/kit/charts/chart-configs';

	const texts = deskWords.workforce;

	/** One line, with its values in words. */
	interface Line {
		readonly name: string;
		readonly values: readonly (number | null)[];
		readonly words: (value: number) => string;
	}

	interface Props {
		title: string;
		/** What the newest number says, with its range and the number of people. */
		count: string;
		/** Days of the values, ISO. */
		days: readonly string[];
		lines: readonly Line[];
		/** End of the axis; left out for shares. */
		top?: number | null;
		/** Where the evidence is. */
		href: string;
		linkWords: string;
	}

	let { title, count, days, lines, top = null, href, linkWords }: Props = $props();

	const DASHES: readonly (readonly number[])[] = [[], [6, 4], [1, 4]];
	const HEIGHT_PX = 150;
	const labels = $derived(days.map((day) => dayWords(day, 'month')));
</script>

<ChartFigure
	{title}
	{count}
	heightPx={HEIGHT_PX}
	isEmpty={lines.every(({ values }) => values.every((value) => value === null))}
	config={trendLines(
		lines.map(({ name, values }, i) => ({ name, values, dash: DASHES[i] ?? [] })),
		labels,
		{ top: top ?? 1, isShare: top === null }
	)}
	table={{
		heads: [texts.monthEnd, ...lines.map(({ name }) => name)],
		rows: days.map((day, i) => ({
			key: day,
			words: dayWords(day),
			cells: lines.map(({ values, words }) => {
				const value = values[i] ?? null;
				return value === null ? deskWords.effect.hidden : words(value);
			})
		}))
	}}
>
	{#snippet key()}
		{#if lines.length > 1}
			<ul class="flex flex-wrap gap-x-6 text-note">
				{#each lines as { name }, i (name)}
					<li class="flex items-center gap-2"><span class="line line-{i}"></span>{name}</li>
				{/each}
			</ul>
		{/if}
	{/snippet}
</ChartFigure>
<p class="mt-1 text-note"><a {href}>{linkWords}</a></p>

<style>
	.line {
		width: 2rem;
		border-top: 3px solid var(--cool);
	}
	.line-1 {
		border-top: 3px dashed var(--ink);
	}
	.line-2 {
		border-top: 3px dotted var(--ink);
	}
</style>
