<script lang="ts">
	import CalendarDays from '@lucide/svelte/icons/calendar-days';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import { parseDate } from '@internationalized/date';
	import { DatePicker } from 'bits-ui';
	import Field from './Field.svelte';

	interface Props {
		id?: string;
		name: string;
		label: string;
		/** A date, YYYY-MM-DD; empty for none. */
		value: string;
		locale: string;
		/** Names of the buttons: for the calendar, and its earlier and later month. */
		words: { readonly open: string; readonly earlier: string; readonly later: string };
		/** The first date that can be chosen. */
		least?: string;
		isRequired?: boolean;
		size?: 'desk' | 'hand';
		disabled?: boolean;
		onchange?: (day: string) => void;
	}

	let {
		id = '',
		name,
		label,
		value,
		locale,
		words,
		least = '',
		isRequired = false,
		size = 'hand',
		disabled = false,
		onchange = () => {}
	}: Props = $props();

	const uid = $props.id();
	const own = $derived(id || `${uid}-${name}`);
	const dayOf = (iso: string) => (iso === '' ? undefined : parseDate(iso));
	/** Whether scripts have loaded: until then the browser's own field is in the same place. */
	let isTaken = $state(false);
	// The choice stays where no parent holds it, also when the page is read again with the same date.
	const given = $derived(value);
	let chosen = $derived(given);
	$effect(() => void (isTaken = true));

	const partNames = $derived(new Intl.DisplayNames(locale, { type: 'dateTimeField' }));
	/** The name of a part for screen readers, in the page's language; dots and strokes between parts have none. */
	const partLabel = (part: string) =>
		part === 'day' || part === 'month' || part === 'year' ? { 'aria-label': partNames.of(part) } : {};

	function choose(day: string) {
		chosen = day;
		onchange(day);
	}
</script>

{#if !isTaken}
	<Field id={own} {label}>
		{#snippet children({ describedBy })}
			<input
				class="kit-input {size}"
				id={own}
				{name}
				type="date"
				min={least || undefined}
				required={isRequired}
				value={chosen}
				{disabled}
				aria-describedby={describedBy}
				onchange={(event) => choose(event.currentTarget.value)}
			/>
		{/snippet}
	</Field>
{:else}
	<div>
		<DatePicker.Root
			value={dayOf(chosen)}
			minValue={dayOf(least)}
			required={isRequired}
			{locale}
			{disabled}
			weekdayFormat="short"
			onValueChange={(day) => choose(day?.toString() ?? '')}
		>
			<DatePicker.Label class="block {size === 'desk' ? 'kit-label-desk' : 'font-semibold'}"
				>{label}</DatePicker.Label
			>
			<DatePicker.Input {name} class="kit-input {size} kit-date">
				{#snippet children({ segments })}
					{#each segments as { part, value: text }, i (i)}
						<DatePicker.Segment {part} id={i === 0 ? own : undefined} class="kit-segment">
							{#snippet child({ props })}
								<!-- The package names the parts, and the day, in English only. -->
								<span {...props} {...partLabel(part)} aria-describedby={undefined}>{text}</span>
							{/snippet}
						</DatePicker.Segment>
					{/each}
					<DatePicker.Trigger class="kit-open" aria-label={words.open}>
						<CalendarDays size={18} aria-hidden="true" />
					</DatePicker.Trigger>
				{/snippet}
			</DatePicker.Input>
			<DatePicker.Portal>
				<DatePicker.Content class="kit-float" sideOffset={6}>
					<DatePicker.Calendar>
						{#snippet children({ months, weekdays })}
							<DatePicker.Header class="flex items-center justify-between gap-2">
								<DatePicker.PrevButton class="kit-button plain desk icon" aria-label={words.earlier}
									><ChevronLeft class="turn" size={18} aria-hidden="true" /></DatePicker.PrevButton
								>
								<DatePicker.Heading class="font-semibold" />
								<DatePicker.NextButton class="kit-button plain desk icon" aria-label={words.later}
									><ChevronRight class="turn" size={18} aria-hidden="true" /></DatePicker.NextButton
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
{/if}
