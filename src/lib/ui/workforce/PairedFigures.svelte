<script lang="ts">
	import type { PairedFigure } from '$lib/core/workforce/paired-figure';
	import EstimateFigure from './EstimateFigure.svelte';
	import {
		pValueText,
		signedNumber,
		codeWords,
		peopleWords,
		percent
	} from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		all: PairedFigure | null;
		regions: readonly (PairedFigure & { readonly region: string })[];
		isForPaper?: boolean;
	}

	let { all, regions, isForPaper = false }: Props = $props();

	const figures = $derived([...(all ? [{ ...all, region: 'all' }] : []), ...regions]);
	const points = (share: number) => signedNumber(100 * share);
</script>

<EstimateFigure
	title={texts.samePeopleTitle}
	count={texts.reportedTwice(peopleWords(figures[0]?.n ?? 0))}
	note={texts.fourGroups}
	axis={{ title: texts.pointsAxis, lineAt: 0 }}
	heads={[texts.bodyRegion, texts.atFirst, texts.now, texts.percentagePoints, texts.interval, texts.pValue]}
	rows={figures.map(({ region, first, now, difference, low, high, p }) => ({
		key: region,
		words: region === 'all' ? texts.anyDiscomfort : codeWords(region),
		drawn: { value: 100 * difference, low: 100 * low, high: 100 * high },
		cells: [
			percent(first),
			percent(now),
			points(difference),
			deskWords.effect.interval(points(low), points(high)),
			pValueText(p)
		]
	}))}
	{isForPaper}
/>
