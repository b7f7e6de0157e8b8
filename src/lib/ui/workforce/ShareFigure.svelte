<script lang="ts">
	import type { PublishedShare } from '$lib/core/workforce/figures';
	import ChartFigure from '../platform/kit/charts/ChartFigure.svelte';
	import { shareBars } from '../platform/kit/charts/chart-configs';
	import { between, ofWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	/** A row: its label, its figure where publishable, and where its people are listed. */
	interface Row {
		readonly key: string;
		readonly words: string;
		readonly figure: PublishedShare | null;
		readonly href?: string | null;
	}

	interface Props {
		title: string;
		count: string;
		note?: string;
		axis?: string;
		/** Heading of the label column. */
		of: string;
		rows: readonly Row[];
		isForPaper?: boolean;
	}

	let { title, count, note = '', axis = texts.shareOfPeople, of, rows, isForPaper = false }: Props = $props();

	const drawn = $derived(
		rows.flatMap(({ words, figure }) =>
			figure ? [{ words, value: figure.share, low: figure.low, high: figure.high }] : []
		)
	);
	const hidden = $derived(rows.filter(({ figure }) => figure === null).length);
	const BAR_PX = 27;
	const AXIS_PX = 64;
</script>

<ChartFigure
	{title}
	count={hidden > 0 && drawn.length > 0 ? texts.someRowsHidden({ count, hidden, rows: rows.length }) : count}
	{note}
	{isForPaper}
	isEmpty={drawn.length === 0}
	config={shareBars(drawn, axis)}
	heightPx={AXIS_PX + BAR_PX * drawn.length}
	table={{
		heads: [of, texts.share, texts.interval, texts.peopleHead],
		rows: rows.map(({ key, words, figure, href }) => ({
			key,
			words,
			href: figure ? href : null,
			cells: figure ? [percent(figure.share), between(figure), ofWords(figure)] : [deskWords.effect.hidden]
		}))
	}}
/>
