<script lang="ts">
	import type { CourseFigure } from '$lib/core/workforce';
	import EstimateFigure from './EstimateFigure.svelte';
	import { COURSE_WORDS } from './help-words';
	import { chance, change, number } from './words';

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
				words: `${COURSE_WORDS[course]} (${number(n)})`,
				drawn: isKnown ? { value: estimate, low, high } : null,
				cells: [
					estimate === null ? '' : change(estimate),
					isKnown ? `${change(low)} to ${change(high)}` : 'too few',
					chance(p)
				]
			};
		})
	);
</script>

<EstimateFigure
	title="Change of the worst score, 0 to 10, from the first report to the newest"
	count="Of people who hurt at one of the two times; how many stands beside each row."
	note="Hodges and Lehmann’s estimate of the change of the same people, with its 95 % interval; Wilcoxon’s test."
	axis={{ title: 'points: left of the line less discomfort, right of it more', lineAt: 0 }}
	heads={['Who', 'Change', '95 % interval', 'Chance']}
	{rows}
	{isForPaper}
/>
