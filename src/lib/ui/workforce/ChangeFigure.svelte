<script lang="ts">
	import type { CourseFigure } from '$lib/core/workforce';
	import EstimateFigure from './EstimateFigure.svelte';
	import { pValueText, signedNumber, formattedNumber } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		courses: readonly CourseFigure[];
		isForPaper?: boolean;
	}

	let { courses, isForPaper = false }: Props = $props();

	const rows = $derived(
		courses.map(({ course, n, change: { estimate, low, high, p } }) => {
			const isKnown = estimate !== null && low !== null && high !== null;
			return {
				key: course,
				words: `${deskWords.effect.courses[course]} (${formattedNumber(n)})`,
				drawn: isKnown ? { value: estimate, low, high } : null,
				cells: [
					estimate === null ? '' : signedNumber(estimate),
					isKnown ? deskWords.effect.interval(signedNumber(low), signedNumber(high)) : texts.tooFew,
					pValueText(p)
				]
			};
		})
	);
</script>

<EstimateFigure
	title={texts.changeTitle}
	count={texts.changeScope}
	note={texts.changeMethod}
	axis={{ title: texts.changeAxis, lineAt: 0 }}
	heads={[texts.people, texts.change, texts.interval, texts.pValue]}
	{rows}
	{isForPaper}
/>
