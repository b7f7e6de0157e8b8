<script lang="ts">
	import { addDays, weekdayOf, type CivilDate } from '$lib/core/platform/calendar/civil-date';
	import type { PlannedBreak } from '$lib/core/breaks/day-plan';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Button from '../platform/kit/Button.svelte';
	import Select from '../platform/kit/Select.svelte';
	import { breakKindWords } from './break-words';

	interface Props {
		/** The full breaks: a standing break every half hour would fill a calendar. */
		breaks: readonly PlannedBreak[];
		/** ISO date. */
		today: string;
		isSeated: boolean;
		texts: BreakTexts;
	}

	let { breaks, today, isSeated, texts }: Props = $props();

	let span = $state<'today' | 'week'>('today');

	/** Five days from today without Saturdays and Sundays; a person can delete others in their calendar. */
	function days(): CivilDate[] {
		const first = today as CivilDate;
		if (span === 'today') return [first];
		return [0, 1, 2, 3, 4, 5, 6]
			.map((n) => addDays(first, n))
			.filter((day) => weekdayOf(day) % 6 !== 0)
			.slice(0, 5);
	}

	async function take() {
		const { breaksCalendar } = await import('$lib/core/breaks/calendar-file');
		const zone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
		const words = {
			title: ({ kind }: PlannedBreak) => breakKindWords(texts, kind, isSeated),
			text: () => texts.day.icsText,
			calendar: texts.day.icsName
		};
		const text = breaksCalendar(breaks, days(), zone, words, new Date());
		const address = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
		const link = document.createElement('a');
		link.href = address;
		link.download = 'breaks.ics';
		link.click();
		URL.revokeObjectURL(address);
	}
</script>

<div class="needs-js grid gap-3">
	<div>
		<Select
			name="span"
			label={texts.day.icsDays}
			value={span}
			options={(['today', 'week'] as const).map((value) => ({ value, words: texts.day[value] }))}
			onchange={(value) => (span = value === 'week' ? 'week' : 'today')}
		/>
	</div>
	<div><Button type="button" onclick={() => void take()}>{texts.day.ics}</Button></div>
</div>
<p class="needs-js mt-1 text-note text-ink-soft">{texts.day.icsHint}</p>
