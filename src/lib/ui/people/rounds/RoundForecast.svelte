<script lang="ts">
	import { addDays, type CivilDate } from '$lib/core/platform/calendar/civil-date';
	import { FORECAST_KINDS } from '$lib/core/workforce/round-forecast/weekly-delays';
	import {
		isWithin,
		LEAST_INVITATIONS,
		MINUTES_OF,
		type ForecastWeek,
		type RoundForecast,
		type RoundOutcome
	} from '$lib/core/workforce/round-forecast/forecast-round';
	import type { PredictedCount } from '$lib/core/workforce/round-forecast/predicted-count';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { decimalNumber } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.rounds.forecast;

	interface Props {
		/** Null where too little is known. */
		forecast: RoundForecast | null;
		/** What came so far; null before the round is started. */
		outcome: RoundOutcome | null;
		/** Its first day, ISO. */
		startsOn: string;
	}

	let { forecast, outcome, startsOn }: Props = $props();

	const cameIn = (kind: keyof ForecastWeek, week: number): number | null =>
		outcome && kind !== 'hours' && week < outcome.weeksBegun ? (outcome[kind][week] ?? 0) : null;
	const cameInAll = (kind: keyof ForecastWeek): number | null =>
		outcome && kind !== 'hours' ? outcome[kind].reduce((sum, n) => sum + n, 0) : null;
	const columns = [...FORECAST_KINDS, 'hours'] as const;
</script>

{#snippet cell(count: PredictedCount, kind: keyof ForecastWeek, came: number | null, isOver: boolean)}
	{@const digits = kind === 'hours' ? 1 : 0}
	<td class="py-1.5 pe-3 align-top">
		<span class="num">{decimalNumber(count.expected, digits)}</span><br />
		<span class="whitespace-nowrap text-ink-soft"
			>{texts.range(decimalNumber(count.low, digits), decimalNumber(count.high, digits))}</span
		>
		{#if came !== null}
			<br /><strong class="whitespace-nowrap">{texts.came(String(came))}</strong>
			{#if isOver && !isWithin(count, came)}<br /><span class="outside">{texts.outside}</span>{/if}
		{/if}
	</td>
{/snippet}

<section class="mt-8">
	<h2 class="border-b border-ink pb-1.5 text-lead">{outcome ? texts.afterwards : texts.heading}</h2>
	{#if forecast}
		<p class="mt-1.5 max-w-prose text-note text-ink-soft">{texts.lead(forecast.from)}</p>
		<div class="overflow-x-auto">
			<table class="mt-1 w-full max-w-2xl text-note">
				<thead>
					<tr class="text-start">
						<th class="py-1.5 pe-4" scope="col">{texts.week}</th>
						{#each columns as kind (kind)}<th class="py-1.5 pe-4" scope="col">{texts.kinds[kind]}</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each forecast.weeks as week, i (i)}
						<tr class="border-t border-rule">
							<th class="py-1.5 pe-4 text-start align-top font-normal whitespace-nowrap" scope="row">
								{texts.from(dayWords(addDays(startsOn as CivilDate, 7 * i), 'medium'))}
							</th>
							{#each columns as kind (kind)}
								{@render cell(week[kind], kind, cameIn(kind, i), i + 1 < (outcome?.weeksBegun ?? 0))}
							{/each}
						</tr>
					{/each}
					<tr class="border-t-[1.5px] border-ink">
						<th class="py-1.5 pe-4 text-start align-top" scope="row">{texts.total}</th>
						{#each columns as kind (kind)}
							{@render cell(forecast.total[kind], kind, cameInAll(kind), false)}
						{/each}
					</tr>
				</tbody>
			</table>
		</div>
		<p class="mt-1 max-w-prose text-note text-ink-soft">
			{texts.minutes(MINUTES_OF.answers, MINUTES_OF.calls, MINUTES_OF.checkIns)}
		</p>
	{:else}
		<p class="mt-1.5 max-w-prose text-note text-ink-soft">{texts.tooFew(LEAST_INVITATIONS)}</p>
	{/if}
</section>

<style>
	.outside {
		color: var(--warm);
		font-weight: 600;
	}
</style>
