<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import { calendarHref, daysOn } from './calendar-days';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.followUps;

	interface Props {
		/** The number of follow-ups on each day, and the first Monday shown. */
		load: readonly { readonly day: string; readonly n: number }[];
		aheadFrom: string;
		/** The feed address just created; shown once. */
		feed: string | null;
		hasEnded: boolean;
	}

	let { load, aheadFrom, feed, hasEnded }: Props = $props();

	const weeks = $derived(
		Array.from({ length: 8 }, (_, i) => {
			const from = daysOn(aheadFrom, i * 7);
			const until = daysOn(from, 6);
			const n = load.filter(({ day }) => day >= from && day <= until).reduce((sum, d) => sum + d.n, 0);
			return { from, n };
		})
	);
	const mostInAWeek = $derived(Math.max(1, ...weeks.map(({ n }) => n)));
</script>

<aside aria-label={texts.comingWeeks}>
	<h2 class="border-b border-ink pb-1 text-lead">{texts.comingWeeks}</h2>
	<table class="w-full text-note">
		<tbody>
			{#each weeks as week (week.from)}
				<tr>
					<th class="w-24 py-1 text-start font-normal" scope="row"
						><a href={calendarHref('week', week.from)}>{dayWords(week.from, 'short')}</a></th
					>
					<td><span class="load" style:width="{(week.n / mostInAWeek) * 100}%"></span></td>
					<td class="num w-10 text-end">{week.n}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<h2 class="mt-6 border-b border-ink pb-1 text-lead">{texts.calendarHeading}</h2>
	<p class="mt-2 text-note text-ink-soft">
		{texts.calendarLead}
	</p>
	{#if feed}<p class="num mt-2 border-s-4 border-cool bg-cool-wash px-3 py-2 text-note break-all">
			{feed}
		</p>
		<p class="text-note text-ink-soft">{texts.addressShownOnce}</p>{/if}
	<div class="mt-2 flex flex-wrap gap-2">
		<form method="POST" action="?/feed" use:enhanceForm>
			<Button size="desk">{texts.createAddress}</Button>
		</form>
		<form method="POST" action="?/endFeed" use:enhanceForm>
			<Button size="desk">{texts.turnOffAddress}</Button>
		</form>
	</div>
	{#if hasEnded}<p class="mt-1 text-note" role="status">{texts.addressTurnedOff}</p>{/if}
</aside>

<style>
	.load {
		display: block;
		height: 0.7rem;
		background: var(--cool);
	}
</style>
