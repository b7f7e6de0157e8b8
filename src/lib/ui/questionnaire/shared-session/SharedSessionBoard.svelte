<script lang="ts">
	import type { Snippet } from 'svelte';
	import { prefersReducedMotion } from 'svelte/motion';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import { factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { Checklist } from '$lib/core/questionnaire/checklist/checklist';
	import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import { questionnaireOf } from '$lib/core/questionnaire/questionnaire';
	import { SHARED_SESSION_STATIONS } from '$lib/core/questionnaire/shared-session/stations';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { SharedSessionTexts } from '$lib/messages/shared-session';
	import Button from '../../platform/kit/Button.svelte';
	import { isOffline } from '../../platform/kit/is-offline.svelte';
	import SegmentSwitch from '../../platform/kit/SegmentSwitch.svelte';
	import VerdictLine from '../VerdictLine.svelte';
	import WalkDrawing from '../WalkDrawing.svelte';
	import WalkQuestion from '../WalkQuestion.svelte';
	import type { LiveSharedSession } from './live-shared-session.svelte';
	import SharedSessionEntries from './SharedSessionEntries.svelte';
	import SharedSessionPlan from './SharedSessionPlan.svelte';

	interface Props {
		live: LiveSharedSession;
		side: 'person' | 'coordinator';
		personName: string;
		/** The coordinator's own name; empty on the person's side. */
		ownName?: string;
		way: SittingStyle;
		checklist: Checklist;
		/** Answers without which there is no plan, as the last attempt found. */
		open: readonly FieldIssue[];
		t: Catalogue;
		texts: SharedSessionTexts;
		/** The next date: shown to the person, set by the coordinator. */
		next: Snippet;
	}

	let { live, side, personName, ownName = '', way, checklist, open, t, texts, next }: Props = $props();

	const { draft } = $derived(live);
	const size = $derived(side === 'person' ? 'thumb' : 'desk');
	const { station, question: pointed } = $derived(live.state);
	const facts = $derived(factsOfAnswers(draft.settled, way));
	const questions = $derived(
		questionnaireOf(draft.settled, { way, checklist }, 'complete').questions.filter(
			({ page }) => page === station
		)
	);
	const context = $derived({ checklist, facts, t, texts });
	const coordinator = $derived(t.lists.and(live.state.coordinatorsHere) || texts.aColleague);
	const otherName = $derived(side === 'person' ? coordinator : personName);
	const pointer = $derived.by(() => {
		const { pointedBy } = live.state;
		const isOwn = live.isOwnPoint || (side === 'person' ? pointedBy === null : pointedBy === ownName);
		return isOwn ? null : (pointedBy ?? personName);
	});

	$effect(() => {
		const { state } = draft.autosave;
		if (state === 'ended' || state === 'refused') live.leave();
	});

	// Where the other side points is brought into view; what this side does moves nothing.
	$effect(() => {
		if (live.isOwnPoint || !pointed) return;
		document
			.getElementById(`q-${pointed}`)
			?.scrollIntoView({ block: 'nearest', behavior: prefersReducedMotion.current ? 'instant' : 'smooth' });
	});
</script>

<svelte:window onpagehide={() => draft.autosave.leave()} />

{#if !live.isConnected || isOffline.current}
	<p class="my-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5" role="alert">{texts.lost}</p>
{/if}
{#if draft.autosave.state === 'refused'}
	<p class="my-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5" role="alert">{t.frame.refused}</p>
{/if}
<div class="board {side}">
	<div class="drawing"><WalkDrawing {draft} page={station} active={pointed} {t} /></div>
	<div class="min-w-0">
		<SegmentSwitch
			label={texts.stations}
			states={SHARED_SESSION_STATIONS}
			shown={station}
			words={(one) => t.pages[one].short}
			choose={(one) => void live.point(one, null)}
			size={side === 'person' ? 'hand' : 'desk'}
		/>
		<h2 class="mt-4 text-lead">{t.pages[station].title}</h2>
		{#each questions as question (question.id)}
			<section
				id="q-{question.id}"
				class="question"
				class:pointed={question.id === pointed}
				onfocusin={() => void live.point(station, question.id)}
			>
				<WalkQuestion
					{question}
					{facts}
					{draft}
					{t}
					issues={open}
					namesSeats={checklist.version > 1}
					own={checklist.own}
					onpick={() => {}}
					stop={() => {}}
				/>
				<VerdictLine field={question.id} partial={draft.partial} unit={draft.unit} {t} />
				{#if question.id === pointed && pointer}<p class="text-note font-semibold" role="status">
						{texts.pointing(pointer)}
					</p>{/if}
			</section>
		{:else}
			<p class="mt-3 text-ink-soft">{texts.noQuestions}</p>
		{/each}
	</div>
	<div class="below">
		<section>
			<h2 class="text-lead">{texts.entered}</h2>
			<SharedSessionEntries entries={live.state.entries} {context} {personName} />
		</section>
		<section>
			<h2 class="text-lead">{texts.plan}</h2>
			<SharedSessionPlan state={live.state} {side} {otherName} {open} unit={draft.unit} {t} {texts} {size} />
			<h2 class="mt-5 text-lead">{texts.next}</h2>
			{@render next()}
			<form method="POST" action="?/end" use:enhanceForm class="mt-5">
				<Button {size}>{texts.end}</Button>
			</form>
		</section>
	</div>
</div>

<style>
	.board {
		display: grid;
		gap: 1rem 2rem;
		margin-top: 1rem;
	}
	.drawing {
		position: sticky;
		top: 0;
		z-index: 2;
		align-self: start;
		height: 38vh;
		padding: 0.5rem;
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	.question {
		padding: 0.75rem 0 0.75rem 0.75rem;
		border-bottom: 1px solid var(--rule);
		border-inline-start: 4px solid transparent;
		scroll-margin-top: 40vh;
	}
	.question.pointed {
		border-inline-start-color: var(--cool);
		background: var(--cool-wash);
	}
	.question :global(.question-title) {
		font-weight: 600;
	}
	/* The coordinator reads the questions out and sees many at once; the person has fingers. */
	.coordinator .question :global(.kit-choices .options) {
		display: flex;
		flex-wrap: wrap;
		gap: 0.375rem;
	}
	.coordinator .question :global(.kit-choice) {
		min-height: 2rem;
		padding: 0.125rem 0.625rem;
		font-size: var(--text-note);
	}
	.below {
		display: grid;
		gap: 2rem;
		padding-top: 1rem;
		border-top: 1px solid var(--ink);
	}
	@media (min-width: 62rem) {
		.board,
		.below {
			grid-template-columns: repeat(2, minmax(0, 1fr));
		}
		.below {
			grid-column: 1 / -1;
		}
		.drawing {
			top: 1rem;
			height: min(34rem, calc(100vh - 2rem));
		}
		.question {
			scroll-margin-top: 1rem;
		}
	}
</style>
