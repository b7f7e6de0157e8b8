<script lang="ts">
	import type { CourseFigure } from '$lib/core/workforce/report';
	import EstimateFigure from './EstimateFigure.svelte';
	import { countsWords, pValueText, signedNumber, formattedNumber } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		courses: readonly CourseFigure[];
		/** Whether changes are those of an earlier report, made by another method. */
		isOld?: boolean;
		isForPaper?: boolean;
	}

	let { courses, isOld = false, isForPaper = false }: Props = $props();

	const rows = $derived(
		courses.map(({ course, n, change }) => {
			const { estimate, low, high, p } = change;
			const isKnown = estimate !== null && low !== null && high !== null;
			return {
				key: course,
				words: `${deskWords.effect.courses[course]} (${formattedNumber(n)})`,
				drawn: isKnown ? { value: estimate, low, high } : null,
				cells: [
					estimate === null ? '' : signedNumber(estimate),
					isKnown ? deskWords.effect.interval(signedNumber(low), signedNumber(high)) : texts.tooFew,
					pValueText(p),
					...(isOld ? [] : [countsWords(change)])
				]
			};
		})
	);
</script>

<EstimateFigure
	title={texts.changeTitle}
	count={texts.changeScope}
	note={isOld ? texts.changeMethodOld : texts.changeMethod}
	axis={{ title: texts.changeAxis, lineAt: 0 }}
	heads={[
		texts.people,
		texts.change,
		texts.interval,
		texts.pValue,
		...(isOld ? [] : [texts.betterSameWorse])
	]}
	{rows}
	{isForPaper}
/>
