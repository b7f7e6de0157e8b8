<script lang="ts">
	import CalendarDays from '@lucide/svelte/icons/calendar-days';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import { parseDate } from '@internationalized/date';
	import { DatePicker } from 'bits-ui';

	interface Props {
		name: string;
		label: string;
		/** A day, YYYY-MM-DD; empty for none. */
		value: string;
		locale: string;
		openWords: string;
		disabled?: boolean;
		onchange: (day: string) => void;
	}

	let { name, label, value, locale, openWords, disabled = false, onchange }: Props = $props();
	const day = $derived(value === '' ? undefined : parseDate(value));
</script>

<div>
	<DatePicker.Root
		value={day}
		{locale}
		{disabled}
		weekdayFormat="short"
		onValueChange={(chosen) => onchange(chosen?.toString() ?? '')}
	>
		<DatePicker.Label class="block font-semibold">{label}</DatePicker.Label>
		<DatePicker.Input {name} class="kit-input hand kit-date">
			{#snippet children({ segments })}
				{#each segments as { part, value: text }, i (i)}
					<DatePicker.Segment {part} class="kit-segment">{text}</DatePicker.Segment>
				{/each}
				<DatePicker.Trigger class="kit-open" aria-label={openWords}>
					<CalendarDays size={18} aria-hidden="true" />
				</DatePicker.Trigger>
			{/snippet}
		</DatePicker.Input>
		<DatePicker.Portal>
			<DatePicker.Content class="kit-float" sideOffset={6}>
				<DatePicker.Calendar>
					{#snippet children({ months, weekdays })}
						<DatePicker.Header class="flex items-center justify-between gap-2">
							<DatePicker.PrevButton class="kit-button plain desk icon"
								><ChevronLeft size={18} aria-hidden="true" /></DatePicker.PrevButton
							>
							<DatePicker.Heading class="font-semibold" />
							<DatePicker.NextButton class="kit-button plain desk icon"
								><ChevronRight size={18} aria-hidden="true" /></DatePicker.NextButton
							>
						</DatePicker.Header>
						{#each months as month (month.value.toString())}
							<DatePicker.Grid class="kit-month">
								<DatePicker.GridHead>
									<DatePicker.GridRow>
										{#each weekdays as weekday (weekday)}<DatePicker.HeadCell>{weekday}</DatePicker.HeadCell
											>{/each}
									</DatePicker.GridRow>
								</DatePicker.GridHead>
								<DatePicker.GridBody>
									{#each month.weeks as week, i (i)}
										<DatePicker.GridRow>
											{#each week as date (date.toString())}
												<DatePicker.Cell {date} month={month.value}
													><DatePicker.Day class="kit-day" /></DatePicker.Cell
												>
											{/each}
										</DatePicker.GridRow>
									{/each}
								</DatePicker.GridBody>
							</DatePicker.Grid>
						{/each}
					{/snippet}
				</DatePicker.Calendar>
			</DatePicker.Content>
		</DatePicker.Portal>
	</DatePicker.Root>
</div>
