<script lang="ts">
	import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
	import type { DayOff } from '$lib/core/platform/organisation-settings/days-off';
	import { deskWords } from '$lib/messages/desk';
	import { countryWords } from '$lib/messages/reader-formats';
	import DayField from '../../cases/DayField.svelte';
	import Button from '../kit/Button.svelte';
	import CheckBox from '../kit/CheckBox.svelte';
	import Select from '../kit/Select.svelte';
	import TextField from '../kit/TextField.svelte';
	import { withEntry, withoutEntry, type SettingsDraft } from './settings-draft.svelte';

	const texts = deskWords.settings.daysOff;

	interface Props {
		draft: SettingsDraft<'days-off'>;
		/** Codes of the countries to choose from. */
		countries: readonly string[];
		/** ISO date that a new day starts with. */
		today: string;
	}

	let { draft, countries, today }: Props = $props();

	const days = $derived(draft.settings.days);
	const places = $derived([
		{ value: '', words: texts.everywhere },
		...countries
			.map((value) => ({ value, words: countryWords(value) }))
			.sort((a, b) => a.words.localeCompare(b.words))
	]);
	const change = (i: number, part: Partial<DayOff>) => draft.change({ days: withEntry(days, i, part) });
	const add = () =>
		draft.change({
			days: [...days, { date: today as CivilDate, name: '', country: '', region: '', isWorked: false }]
		});
</script>

{#if days.length === 0}<p class="text-ink-soft">{texts.none}</p>{/if}
<ul class:border-t={days.length > 0} class="border-rule">
	{#each days as day, i (i)}
		<li class="day">
			<DayField
				id="day-{i}"
				name=""
				label={texts.day}
				value={day.date}
				onchange={(date) => change(i, { date: date as CivilDate })}
			/>
			<TextField
				name=""
				id="day-name-{i}"
				label={texts.name}
				size="desk"
				maxlength={80}
				value={day.name}
				oninput={(name) => change(i, { name })}
			/>
			<Select
				name=""
				id="day-country-{i}"
				label={texts.country}
				size="desk"
				value={day.country}
				options={places}
				onchange={(country) => change(i, { country, ...(country === '' ? { region: '' } : {}) })}
			/>
			<TextField
				name=""
				id="day-region-{i}"
				label={texts.region}
				size="desk"
				maxlength={4}
				value={day.region}
				disabled={day.country === ''}
				oninput={(region) => change(i, { region: region.toUpperCase() })}
			/>
			<div class="worked">
				<CheckBox
					size="desk"
					words={texts.isWorked}
					isChecked={day.isWorked}
					onchange={(isWorked) => change(i, { isWorked })}
				/>
				<Button
					type="button"
					size="desk"
					look="quiet"
					aria-label={texts.remove(day.name || day.date)}
					onclick={() => draft.change({ days: withoutEntry(days, i) })}>{deskWords.settings.remove}</Button
				>
			</div>
		</li>
	{/each}
</ul>
<p class="mt-3 flex flex-wrap items-center gap-4">
	<Button type="button" size="desk" class="needs-js" onclick={add}>{texts.add}</Button>
	{#if days.length > 0}<span class="text-note text-ink-soft">{texts.regionHint}</span>{/if}
</p>

<style>
	.day {
		display: grid;
		gap: 0.5rem 0.75rem;
		align-items: end;
		padding-block: 0.75rem;
		border-bottom: 1px solid var(--rule);
	}
	.worked {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1rem;
		align-items: center;
		justify-content: space-between;
	}
	@media (min-width: 40rem) {
		.day {
			grid-template-columns: 11rem minmax(8rem, 1fr) 11rem 6rem;
		}
		.worked {
			grid-column: 1 / -1;
		}
	}
</style>
