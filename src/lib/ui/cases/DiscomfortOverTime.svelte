<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { discomfortChange } from '$lib/core/cases/discomfort/discomfort-change';
	import type { RegionReport } from '$lib/core/cases/discomfort/report';
	import type { Catalogue } from '$lib/messages/shapes';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		/** Discomfort reported at each self-assessment, oldest first. */
		over: readonly { readonly at: Date; readonly discomfort: readonly RegionReport[] }[];
		t: Catalogue;
	}

	let { over, t }: Props = $props();

	const WIDTH = 132;
	const HEIGHT = 40;
	const PAD = 5;

	const span = $derived([over[0]?.at.getTime() ?? 0, over.at(-1)?.at.getTime() ?? 0] as const);
	const x = (at: Date) =>
		span[0] === span[1]
			? WIDTH / 2
			: PAD + ((at.getTime() - span[0]) / (span[1] - span[0])) * (WIDTH - 2 * PAD);
	const y = (worst: number) => HEIGHT - PAD - (worst / 10) * (HEIGHT - 2 * PAD);
	const keyOf = ({ region, side }: Pick<RegionReport, 'region' | 'side'>) => `${region} ${side ?? ''}`;
	const nameOf = ({ region, side }: Pick<RegionReport, 'region' | 'side'>) =>
		side === null || side === 'both'
			? t.discomfort.places[region]
			: t.discomfort.sided(t.discomfort.places[region], side);

	/** A small chart for each place that was ever sore, the sorest now first. A place no longer named counts as 0. */
	const places = $derived.by(() => {
		const all = new Map(over.flatMap(({ discomfort }) => discomfort.map((d) => [keyOf(d), d] as const)));
		return [...all.entries()]
			.map(([key, report]) => {
				const points = over.map(({ at, discomfort }) => ({
					at,
					worst: discomfort.find((d) => keyOf(d) === key)?.worst ?? 0
				}));
				const [first, last] = [points[0]?.worst ?? 0, points.at(-1)?.worst ?? 0];
				const change = points.length > 1 ? discomfortChange(first, last) : null;
				return { key, name: nameOf(report), report, points, first, last, change };
			})
			.sort((a, b) => b.last - a.last || b.first - a.first);
	});
	const CHANGE = {
		better: texts.noticeablyBetter,
		worse: texts.noticeablyWorse,
		same: texts.aboutTheSame
	} as const;
	const CHANGE_MARK = { better: '↓', worse: '↑', same: '=' } as const;
</script>

<ul class="grid gap-x-6 sm:grid-cols-2">
	{#each places as place (place.key)}
		<li class="border-b border-rule py-2 text-note">
			<p class="flex justify-between gap-2">
				<span
					><span class="font-semibold">{place.name}</span>{#each place.report.parts ?? [] as part (part)}<span
							class="text-ink-soft">{`, ${t.discomfort.partOptions[part]}`}</span
						>{/each}</span
				>
				<span class="num" class:text-warm={place.last >= 4}>{texts.ofTen(place.last)}</span>
			</p>
			<svg
				viewBox="0 0 {WIDTH} {HEIGHT}"
				width={WIDTH}
				height={HEIGHT}
				role="img"
				aria-label={texts.scoresOverTime(
					place.name,
					place.points.map((p) => `${dayWords(p.at, 'month')} ${p.worst}`).join(', ')
				)}
			>
				<line class="base" x1="0" x2={WIDTH} y1={y(0)} y2={y(0)} />
				<line class="mark" x1="0" x2={WIDTH} y1={y(4)} y2={y(4)} />
				<polyline class="line" points={place.points.map((p) => `${x(p.at)},${y(p.worst)}`).join(' ')} />
				{#each place.points as point, i (i)}
					<circle class:last={i === place.points.length - 1} cx={x(point.at)} cy={y(point.worst)} r="2.6" />
				{/each}
			</svg>
			<p class="text-ink-soft">
				{#if place.change}{texts.changeSince({
						changeMark: CHANGE_MARK[place.change],
						change: CHANGE[place.change],
						dayWords: dayWords(place.points[0]?.at ?? new Date(0), 'month')
					})}{:else}{texts.firstReport}{/if}{#if place.report.hinders !== 'no' && place.last > 0}{texts.hinders(
						place.report.hinders === 'much'
					)}{/if}
			</p>
		</li>
	{/each}
</ul>
<p class="mt-1 text-mark text-ink-soft">
	{texts.scoreLegend}
</p>

<style>
	.base {
		stroke: var(--edge);
		stroke-width: 1;
	}
	.mark {
		stroke: var(--warm);
		stroke-width: 0.8;
		stroke-dasharray: 2 3;
	}
	.line {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.4;
	}
	circle {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 1.2;
	}
	circle.last {
		fill: var(--ink);
	}
</style>
