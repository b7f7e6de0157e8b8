<script lang="ts">
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { SubmitFunction } from '@sveltejs/kit';
	import ActFields from '../ActFields.svelte';
	import Trend from '../Trend.svelte';
	import GapMark from '../../workstation/gap-mark/GapMark.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { ACT_KEYS } from '../../platform/shortcuts/act-keys';
	import KeyWords from '../../platform/shortcuts/KeyWords.svelte';
	import {
		mayBeSettled,
		hasUnreadMessage,
		lastActWords,
		nextActOf,
		rowReasons,
		dueWords,
		type DaySheetRow
	} from './sheet-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	interface Props {
		line: DaySheetRow;
		index: number;
		isHere: boolean;
		isTicked: boolean;
		today: string;
		timeZone: string;
		/** The user: their own lines say so. */
		userId: string | null;
		t: Catalogue;
		unit: LengthUnit;
		form: { readonly key: string };
		choose: () => void;
		toggle: () => void;
		/** Carries out the suggested act, where it takes more than a key. */
		act: () => void;
		acting: SubmitFunction;
	}

	let {
		line,
		index,
		isHere,
		isTicked,
		today,
		timeZone,
		userId,
		t,
		unit,
		form,
		choose,
		toggle,
		act,
		acting
	}: Props = $props();

	/** Most tags in a line; the others are counted. */
	const MOST_MARKS = 2;

	const next = $derived(nextActOf(line));
	const when = $derived(dueWords(line, today));
	const last = $derived(lastActWords(line, today, timeZone));
	const first = $derived(line.assessmentResult?.first ?? []);
	const off = $derived(line.assessmentResult?.off ?? []);
	const owner = $derived.by(() => {
		if (line.ownerId === null) return null;
		return line.ownerId === userId ? texts.assignedToYou : texts.assignedToName(line.ownerName ?? '');
	});
	const reasons = $derived(rowReasons(line, today, t, unit));
	const others = $derived(reasons.others.join(' · '));
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions (the link within does the same by keys) -->
<li id="line-{index}" class="line" class:here={isHere} onclick={choose}>
	<div class="tick">
		<CheckBox
			words={texts.select(line.name)}
			isLabelHidden
			size="desk"
			isChecked={isTicked}
			onchange={() => {
				toggle();
				// The day sheet's shortcuts act on; a checkbox that keeps the focus would receive them too.
				document.querySelector<HTMLElement>(`#line-${index} a.who`)?.focus();
			}}
		/>
	</div>
	<p class="head">
		<a class="who" href="/desk/cases/{line.personId}" title={line.name} translate="no" onfocus={choose}
			>{line.name}</a
		>{#if line.hasBounced}<span class="bounced">{texts.emailsReturned}</span>{/if}{#if line.team}<span
				class="soft"
				title={line.team}
				translate="no">{line.team}</span
			>{/if}{#if owner}<span class="soft" title={owner}>{owner}</span>{/if}
	</p>
	<div class="marks">
		<Trend worstScores={line.assessmentResult?.worsts ?? []} />
		{#each off.slice(0, MOST_MARKS) as check (check.id)}
			<span class="mark"
				><span>{t.checks.names[check.id]}</span><GapMark
					{check}
					before={first.find(({ id }) => id === check.id)}
					{t}
					{unit}
					width={56}
				/></span
			>
		{/each}
		{#if off.length > MOST_MARKS}<span>+{off.length - MOST_MARKS}</span>{/if}
	</div>
	<p class="when" class:text-warm={when.isLate}>{when.words}</p>
	<div class="summary">
		{#if reasons.grave.length > 0}<p class="sign">{reasons.grave.join(' · ')}</p>{/if}
		<p class="reason" title={others}>
			{#if line.referral && !hasUnreadMessage(line)}<span class="text-cool">{line.referral.name}:</span>{/if}
			{others}
		</p>
		{#if last && reasons.grave.length === 0}<p class="last" title={last}>{last}</p>{/if}
	</div>
	<div class="act">
		{#if mayBeSettled(line)}
			<form method="POST" action="?/settle" use:enhanceForm={acting} class:spare={next !== 'settle'}>
				<ActFields {form} />
				<input type="hidden" name="people" value={line.personId} />
				<Button
					id={next === 'settle' ? `act-${index}` : undefined}
					size="desk"
					look={next === 'settle' ? 'plain' : 'quiet'}
					class="small"
					aria-label={texts.markOneDone(line.name)}><KeyWords act="settle" {isHere} /></Button
				>
			</form>
		{/if}
		{#if next !== 'settle'}
			<Button
				type="button"
				id="act-{index}"
				size="desk"
				class="small"
				onclick={act}
				aria-label="{ACT_KEYS[next].words}: {line.name}"><KeyWords act={next} {isHere} /></Button
			>
		{/if}
	</div>
</li>

<style>
	.line {
		display: grid;
		/* A button with more words than most takes the room that it needs, and no reason is hidden below it. */
		grid-template-columns: 1.6rem minmax(0, 1fr) auto minmax(8.6rem, max-content);
		grid-template-areas: 'tick head marks when' 'tick summary summary act';
		align-items: center;
		column-gap: 0.75rem;
		padding: 0.05rem 0.5rem 0.1rem;
		border-bottom: 1px solid var(--rule);
		border-inline-start: 3px solid transparent;
		font-size: var(--text-note);
	}
	.line.here {
		background: var(--sheet);
		border-inline-start-color: var(--ink);
	}
	.tick {
		grid-area: tick;
		width: 1.5rem;
		height: 1.5rem;
		accent-color: var(--ink);
	}
	.head {
		grid-area: head;
		display: flex;
		/* What doesn't fit whole beside the name goes to a second row, which is hidden: no team is cut off after a letter. */
		flex-wrap: wrap;
		height: 1.5rem;
		column-gap: 0.6rem;
		align-items: baseline;
		min-width: 0;
		overflow: hidden;
		line-height: 1.5rem;
		white-space: nowrap;
	}
	.who {
		font-size: var(--text-body);
		font-weight: 650;
		color: inherit;
		text-decoration: none;
	}
	.who:hover {
		text-decoration: underline;
	}
	.soft,
	.last {
		color: var(--ink-soft);
	}
	.who,
	.soft {
		max-width: 100%;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.bounced {
		color: var(--warm);
	}
	.reason,
	.last {
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.summary {
		grid-area: summary;
		display: flex;
		gap: 1rem;
		align-items: baseline;
		min-width: 0;
	}
	.reason {
		flex: 1 1 auto;
	}
	/* A warning sign is never cut off by the width of a line, and wraps only where it needs more than all of it: what else there is has the rest. */
	.sign {
		flex: 0 1 auto;
	}
	.sign + .reason {
		flex: 1 1 0;
		color: var(--ink-soft);
	}
	.last {
		flex: 0 1 auto;
		max-width: 11.5rem;
		font-size: var(--text-mark);
	}
	.marks {
		grid-area: marks;
		display: flex;
		gap: 0.6rem;
		align-items: center;
		justify-content: flex-end;
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.mark {
		display: inline-flex;
		gap: 0.3rem;
		align-items: center;
	}
	.when {
		grid-area: when;
		text-align: end;
		font-size: var(--text-mark);
		color: var(--ink-soft);
		white-space: nowrap;
	}
	.when.text-warm {
		color: var(--warm);
	}
	.act {
		grid-area: act;
		position: relative;
		display: flex;
		gap: 0.25rem;
		align-items: center;
		justify-content: flex-end;
	}
	.act :global(.small) {
		white-space: nowrap;
		min-height: 1.5rem;
		padding-block: 0;
		font-size: var(--text-note);
	}
	/* What is not offered is there for the line that is looked at; it lies over the text beside it, and moves nothing. */
	.spare {
		position: absolute;
		inset-inline-end: 100%;
		padding-inline: 0.75rem 0.25rem;
		background: var(--paper);
	}
	.line.here .spare {
		background: var(--sheet);
	}
	.line:not(.here):not(:hover):not(:focus-within) .spare {
		display: none;
	}
	@media (max-width: 64rem) {
		.line {
			grid-template-columns: 1.6rem minmax(0, 1fr) auto;
			grid-template-areas: 'tick head when' 'tick summary summary' 'tick marks act';
		}
		.reason {
			white-space: normal;
		}
		.marks {
			justify-content: flex-start;
			flex-wrap: wrap;
		}
		.last {
			display: none;
		}
	}
</style>
