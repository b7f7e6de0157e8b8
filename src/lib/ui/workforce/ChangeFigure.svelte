<script lang="ts">
	import type { CourseFigure } from '$lib/core/workforce';
	import EstimateFigure from './EstimateFigure.svelte';
	import { COURSE_WORDS } from '$lib/messages/desk/help-words';
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
				words: `${COURSE_WORDS[course]} (${formattedNumber(n)})`,
				drawn: isKnown ? { value: estimate, low, high } : null,
				cells: [
					estimate === null ? '' : signedNumber(estimate),
					isKnown ? `${signedNumber(low)} to ${signedNumber(high)}` : texts.tooFew,
					pValueText(p)
				]
			};
		})
	);
</script>

<EstimateFigure
	title={texts.changeOfTheWorst}
	count={texts.ofPeopleWhoHurt}
	note={texts.hodgesAndLehmannsEstimate}
	axis={{ title: texts.pointsLeftOfThe, lineAt: 0 }}
	heads={[texts.who, texts.change, texts.interval, texts.chance]}
	{rows}
	{isForPaper}
/>
