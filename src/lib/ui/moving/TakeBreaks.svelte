<script lang="ts">
	import { addDays, weekdayOf, type CivilDate } from '$lib/core/calendar/civil-date';
	import type { PlannedBreak } from '$lib/core/moving';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import Select from '../kit/Select.svelte';

	interface Props {
		breaks: readonly PlannedBreak[];
		/** ISO. */
		today: string;
		isInWheelchair: boolean;
		t: Catalogue;
	}

	let { breaks, today, isInWheelchair, t }: Props = $props();

	let span = $state<'today' | 'week'>('today');

	/** Five days from today that are no weekend where most of the world works; a calendar takes the others out in a moment. */
	function days(): CivilDate[] {
		const first = today as CivilDate;
		if (span === 'today') return [first];
		return [0, 1, 2, 3, 4, 5, 6]
			.map((n) => addDays(first, n))
			.filter((day) => weekdayOf(day) % 6 !== 0)
			.slice(0, 5);
	}

	async function take() {
		const { calendarOf } = await import('$lib/core/moving/calendar-file');
		const zone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
		const words = {
			title: ({ kind }: PlannedBreak) =>
				kind === 'up' && isInWheelchair ? t.moving.shiftWeight : t.moving.kinds[kind],
			text: () => t.moving.day.icsText,
			calendar: t.moving.day.icsName
		};
		// A look away each 20 minutes would fill a calendar: that the break page tells.
		const some = breaks.filter(({ kind }) => kind !== 'eyes' && kind !== 'shift');
		const text = calendarOf(some, days(), zone, words, new Date());
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
			label={t.moving.day.icsDays}
			value={span}
			options={(['today', 'week'] as const).map((value) => ({ value, words: t.moving.day[value] }))}
			onchange={(value) => (span = value === 'week' ? 'week' : 'today')}
		/>
	</div>
	<div><Button type="button" onclick={() => void take()}>{t.moving.day.ics}</Button></div>
</div>
<p class="needs-js mt-1 text-note text-ink-soft">{t.moving.day.icsHint}</p>
