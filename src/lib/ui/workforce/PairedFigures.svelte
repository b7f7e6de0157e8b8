<script lang="ts">
	import type { PairedFigure } from '$lib/core/workforce';
	import EstimateFigure from './EstimateFigure.svelte';
	import { chance, change, codeWords, peopleWords, percent } from './words';

	interface Props {
		all: PairedFigure | null;
		regions: readonly (PairedFigure & { readonly region: string })[];
		isForPaper?: boolean;
	}

	let { all, regions, isForPaper = false }: Props = $props();

	const figures = $derived([...(all ? [{ ...all, region: 'all' }] : []), ...regions]);
	const points = (share: number) => change(100 * share);
</script>

<EstimateFigure
	title="The same people at first and now"
	count="{peopleWords(figures[0]?.n ?? 0)} who reported more than once."
	note="Where one of the four kinds of people (both times, only then, only now, never) has fewer than five, the place is left out."
	axis={{ title: 'percentage points more (right) or fewer (left) than at first', lineAt: 0 }}
	heads={['Place', 'At first', 'Now', 'Percentage points', '95 % interval', 'Chance']}
	rows={figures.map(({ region, first, now, difference, low, high, p }) => ({
		key: region,
		words: region === 'all' ? 'Anything' : codeWords(region),
		drawn: { value: 100 * difference, low: 100 * low, high: 100 * high },
		cells: [percent(first), percent(now), points(difference), `${points(low)} to ${points(high)}`, chance(p)]
	}))}
	{isForPaper}
/>
