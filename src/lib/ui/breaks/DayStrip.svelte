<script lang="ts">
	import { isFullBreak } from '$lib/core/breaks/break-schedules';
	import type { DayPlan } from '$lib/core/breaks/day-plan';
	import type { MinuteSpan } from '$lib/core/breaks/place-breaks';
	import type { BreakTexts } from '$lib/messages/breaks';
	import { clockWords } from './clock-words';

	interface Props {
		plan: DayPlan;
		day: MinuteSpan;
		texts: BreakTexts;
		/** The minute that is looked at; null for none. */
		at?: number | null;
	}

	let { plan, day, texts, at = null }: Props = $props();

	const share = (minute: number) => ((minute - day.from) / (day.to - day.from)) * 100;
	const place = ({ from, to }: MinuteSpan) => `left:${share(from)}%;width:${share(to) - share(from)}%`;
	const hours = $derived(
		Array.from(
			{ length: Math.floor(day.to / 60) - Math.ceil(day.from / 60) + 1 },
			(_, i) => Math.ceil(day.from / 60) + i
		)
	);
	const ups = $derived(plan.breaks.filter(({ kind }) => isFullBreak(kind)));
	const smaller = $derived(plan.breaks.filter(({ kind }) => !isFullBreak(kind)));
</script>

<figure class="strip" aria-label={texts.day.strip}>
	<div class="band" aria-hidden="true">
		{#each plan.work as work (work.from)}
			<span class="work" class:standing={work.place.posture === 'standing'} style={place(work)}></span>
		{/each}
		{#each plan.meetings as meeting (meeting.from)}<span class="meeting" style={place(meeting)}></span>{/each}
		{#each plan.rests as rest (rest.from)}<span class="rest" style={place(rest)}></span>{/each}
		{#each ups as up (up.from)}<span class="up" style={place(up)}></span>{/each}
		{#each smaller as one (`${one.kind} ${one.from}`)}
			<span class="small {one.kind}" style="left:{share(one.from)}%"></span>
		{/each}
		{#if at !== null}<span class="at" style="left:{share(at)}%"></span>{/if}
	</div>
	<div class="hours" aria-hidden="true">
		{#each hours as hour (hour)}
			<span class="num" class:odd={hour % 2 === 1} style="left:{share(hour * 60)}%"
				>{clockWords(hour * 60)}</span
			>
		{/each}
	</div>
	<figcaption class="legend">
		<span><i class="work"></i>{texts.day.key.sit}</span>
		{#if plan.standingShare !== null}<span><i class="work standing"></i>{texts.day.key.stand}</span>{/if}
		{#if plan.meetings.length > 0}<span><i class="meeting"></i>{texts.day.key.meeting}</span>{/if}
		{#if plan.rests.length > 0}<span><i class="rest"></i>{texts.day.key.rest}</span>{/if}
		<span><i class="up"></i>{texts.day.key.up}</span>
		{#if smaller.length > 0}<span><i class="small"></i>{texts.day.key.small}</span>{/if}
	</figcaption>
</figure>

<style>
	.strip {
		margin-top: 0.75rem;
	}
	.band {
		position: relative;
		height: 4.5rem;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
	.band span {
		position: absolute;
		bottom: 0;
	}
	.work {
		height: 45%;
		background: var(--wood);
	}
	.work.standing {
		height: 80%;
		background: var(--cool-wash);
		border-top: 2px solid var(--cool);
	}
	.meeting {
		height: 45%;
		background: repeating-linear-gradient(45deg, var(--edge) 0 2px, transparent 2px 7px);
	}
	.rest {
		height: 100%;
		background: var(--paper);
		border-inline: 1px dashed var(--edge);
	}
	.up {
		height: 100%;
		background: var(--warm);
		min-width: 3px;
	}
	.small {
		height: 22%;
		width: 3px;
		background: var(--cool);
	}
	.band .small {
		bottom: auto;
		top: 0;
	}
	.at {
		top: -6px;
		height: calc(100% + 12px);
		width: 2px;
		margin-inline-start: -1px;
		background: var(--ink);
	}
	.hours {
		position: relative;
		height: 1.5rem;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	.hours span {
		position: absolute;
		transform: translateX(-50%);
	}
	.hours span:first-child {
		transform: none;
	}
	.hours span:last-child {
		transform: translateX(-100%);
	}
	@media (max-width: 40rem) {
		.odd {
			display: none;
		}
	}
	.legend {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1.25rem;
		font-size: var(--text-note);
	}
	.legend span {
		display: inline-flex;
		gap: 0.4rem;
		align-items: center;
	}
	.legend i {
		display: inline-block;
		width: 1.1rem;
		height: 0.9rem;
		border: 1px solid var(--edge);
	}
	.legend i.up,
	.legend i.small {
		width: 0.4rem;
	}
	@media (forced-colors: active) {
		.band span,
		.legend i {
			forced-color-adjust: none;
		}
	}
</style>
