<script lang="ts">
	import { enhance } from '$app/forms';
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import type { SubmitFunction } from '@sveltejs/kit';
	import ActFields from '../cases/ActFields.svelte';
	import Trend from '../cases/Trend.svelte';
	import GapMark from '../gap-mark/GapMark.svelte';
	import {
		canSettle,
		lastActOf,
		NEXT_ACTS,
		nextActOf,
		reasonOf,
		whenOf,
		type SheetLine
	} from './sheet-words';

	interface Props {
		line: SheetLine;
		index: number;
		isHere: boolean;
		isTicked: boolean;
		canAct: boolean;
		today: string;
		timeZone: string;
		t: Catalogue;
		unit: LengthUnit;
		form: { readonly key: string };
		choose: () => void;
		toggle: () => void;
		/** Does what is offered, where it is more than a press. */
		act: () => void;
		acting: SubmitFunction;
	}

	let {
		line,
		index,
		isHere,
		isTicked,
		canAct,
		today,
		timeZone,
		t,
		unit,
		form,
		choose,
		toggle,
		act,
		acting
	}: Props = $props();

	const next = $derived(nextActOf(line));
	const when = $derived(whenOf(line, today));
	const last = $derived(lastActOf(line, today, timeZone));
	const first = $derived(line.judgement?.first ?? []);
	const off = $derived((line.judgement?.standing ?? []).filter(({ verdict }) => verdict === 'off'));
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions (the link within does the same by keys) -->
<li id="line-{index}" class="line" class:here={isHere} onclick={choose}>
	{#if canAct}
		<input class="tick" type="checkbox" checked={isTicked} aria-label="Tick {line.name}" onchange={toggle} />
	{/if}
	<a class="who" href="/desk/cases/{line.personId}" onfocus={choose}>
		<span class="font-semibold">{line.name}</span>{#if line.team}<span class="text-ink-soft"
				>&nbsp;· {line.team}</span
			>{/if}
	</a>
	<p class="reason">
		{#if canAct && line.referredName}<span class="text-cool">With {line.referredName}:</span>{/if}
		{reasonOf(line, today, t, unit).join(' · ')}
		{#if last}<span class="block text-ink-soft">{last}</span>{/if}
	</p>
	<div class="marks">
		{#each off as check (check.id)}
			<span class="mark"
				><span>{t.checks.names[check.id]}</span><GapMark
					{check}
					before={first.find(({ id, value }) => id === check.id && value !== check.value)}
					{t}
					{unit}
					width={72}
				/></span
			>
		{/each}
	</div>
	<span class="trend"
		><Trend worsts={(line.judgement?.worsts ?? []).slice(-8).map(({ worst }) => worst)} /></span
	>
	<p class="when" class:text-warm={when.isLate}>{when.words}</p>
	{#if canAct}
		<div class="act">
			{#if next !== 'settle'}
				<button
					type="button"
					id="act-{index}"
					class="btn btn-small"
					onclick={act}
					aria-label="{NEXT_ACTS[next].words}: {line.name}"
					>{NEXT_ACTS[next].words}{#if isHere}
						<kbd class="key" aria-hidden="true">{NEXT_ACTS[next].key.toUpperCase()}</kbd>{/if}</button
				>
			{/if}
			{#if canSettle(line)}
				<form method="POST" action="?/settle" use:enhance={acting}>
					<ActFields {form} />
					<input type="hidden" name="people" value={line.personId} />
					<button
						id={next === 'settle' ? `act-${index}` : undefined}
						class="btn btn-small"
						class:quiet={next !== 'settle'}
						aria-label="Settle: {line.name}"
					>
						Settle{#if isHere && next === 'settle'}
							<kbd class="key" aria-hidden="true">E</kbd>{/if}
					</button>
				</form>
			{/if}
		</div>
	{/if}
</li>

<style>
	.line {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr) auto;
		grid-template-areas: 'tick who when' 'tick reason act' 'tick marks act';
		column-gap: 0.6rem;
		padding: 0.45rem 0.5rem;
		border-bottom: 1px solid var(--rule);
		border-left: 3px solid transparent;
	}
	.line.here {
		background: var(--sheet);
		border-left-color: var(--ink);
	}
	.tick {
		grid-area: tick;
		width: 1.1rem;
		height: 1.1rem;
		margin-top: 0.2rem;
		accent-color: var(--ink);
	}
	.who {
		grid-area: who;
		color: inherit;
		text-decoration: none;
	}
	.who:hover {
		text-decoration: underline;
	}
	.reason {
		grid-area: reason;
		font-size: var(--text-note);
	}
	.marks {
		grid-area: marks;
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.9rem;
		align-items: center;
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.mark {
		display: inline-flex;
		gap: 0.35rem;
		align-items: center;
	}
	.trend {
		grid-area: when;
		justify-self: end;
		margin-right: 9.5rem;
	}
	.when {
		grid-area: when;
		justify-self: end;
		width: 9.2rem;
		text-align: right;
		font-size: var(--text-mark);
		line-height: 1.5rem;
		color: var(--ink-soft);
	}
	.act {
		grid-area: act;
		display: flex;
		gap: 0.4rem;
		align-items: center;
		justify-content: flex-end;
	}
	.quiet {
		border-color: transparent;
		color: var(--ink-soft);
	}
	@media (max-width: 48rem) {
		.line {
			grid-template-columns: auto minmax(0, 1fr);
			grid-template-areas: 'tick who' 'tick reason' 'tick marks' 'tick when' 'tick act';
		}
		.when {
			justify-self: start;
			width: auto;
			margin: 0;
			text-align: left;
		}
		.act {
			justify-content: flex-start;
		}
		.trend {
			display: none;
		}
	}
</style>
