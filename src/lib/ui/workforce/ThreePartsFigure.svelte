<script lang="ts">
	import type { ThreeParts } from '$lib/core/workforce/three-parts';
	import ShareFigure from './ShareFigure.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		parts: ThreeParts;
		/** How many people, as a sentence. */
		count: string;
		isForPaper?: boolean;
	}

	let { parts, count, isForPaper = false }: Props = $props();

	/** Where one of two parts is too small to be shown, both are shown together. */
	const rest = $derived(
		parts.unknown && parts.fits
			? [
					{ key: 'unknown', words: texts.unknownPart, figure: parts.unknown },
					{ key: 'fits', words: texts.fitsPart, figure: parts.fits }
				]
			: [{ key: 'well', words: texts.unknownOrFits, figure: parts.well }]
	);
</script>

<ShareFigure
	title={texts.threeParts}
	{count}
	of={texts.threeParts}
	rows={[{ key: 'problem', words: texts.problemPart, figure: parts.problem }, ...rest]}
	note={parts.unknown && parts.fits
		? texts.threePartsScope
		: `${texts.threePartsScope} ${texts.partsTogether}`}
	{isForPaper}
/>
