<script lang="ts">
	import type { BreakSchedule } from '$lib/core/breaks/break-schedules';
	import type { Catalogue } from '$lib/messages/shapes';
	import { breakTextsFor } from '$lib/messages/breaks';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		/** What was set for them. */
		sent: BreakSchedule | null;
		moving: {
			readonly chosenBreakSchedule: BreakSchedule | null;
			readonly isShared: boolean;
			readonly weeks: readonly { readonly week: string; readonly planned: number; readonly taken: number }[];
		};
		t: Catalogue;
	}

	let { sent, moving, t }: Props = $props();

	const breakSchedule = $derived(moving.chosenBreakSchedule ?? sent);
</script>

<h3 class="mt-5 border-b border-rule pb-1 text-body">{texts.breaks}</h3>
<p class="mt-1">
	{#if breakSchedule}{breakTextsFor(t.locale).breakSchedules[breakSchedule].name}<span class="text-ink-soft"
			>{texts.breaksSetBy(Boolean(moving.chosenBreakSchedule))}</span
		>.{:else}{texts.noBreakSchedule}{/if}
</p>
{#if !moving.isShared}
	<p class="text-note text-ink-soft">{texts.breaksNotShared}</p>
{:else if moving.weeks.length === 0}
	<p class="text-note text-ink-soft">{texts.breaksSharedNoWeek}</p>
{:else}
	<table class="mt-1 text-note">
		<thead>
			<tr class="text-start text-ink-soft"
				><th class="pe-4 font-normal">{texts.weekOf}</th><th class="pe-4 font-normal">{texts.taken}</th><th
					class="font-normal">{texts.planned}</th
				></tr
			>
		</thead>
		<tbody>
			{#each moving.weeks as { week, planned, taken } (week)}
				<tr
					><td class="pe-4">{dayWords(week, 'medium')}</td><td class="num pe-4">{taken}</td><td class="num"
						>{planned}</td
					></tr
				>
			{/each}
		</tbody>
	</table>
{/if}
