<script lang="ts">
	import { isFieldOfQuestion } from '$lib/core/questionnaire/questionnaire';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Notice from '../platform/kit/Notice.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import type { Draft } from './draft.svelte';
	import VerdictLine from './VerdictLine.svelte';
	import type { QuestionnaireVisit } from './questionnaire-visit.svelte';
	import WalkQuestion from './WalkQuestion.svelte';

	interface Props {
		visit: QuestionnaireVisit;
		draft: Draft;
		fault: string | null;
		t: Catalogue;
	}

	let { visit, draft, fault, t }: Props = $props();

	const page = $derived(visit.place.page);
	const current = $derived(visit.current?.id);
	const lead = $derived(t.pages[page].lead);
	/** Shows the question where one is shown at a time, and scrolls to its field where all are. */
	const questionHref = (field: string) =>
		`?open&at=${visit.questions.find((question) => isFieldOfQuestion(question, field))?.id ?? ''}#${field}`;
	const fieldName = (field: string) => t.fields[field as keyof typeof t.fields] as string | undefined;
</script>

<p class="lead text-lead">{lead}</p>
{#if fault}<Notice kind="caution" role="alert"><p>{fault}</p></Notice>{/if}
{#if visit.standing.length > 0}
	<Notice kind="caution" role="alert">
		<p>
			<strong>{t.nav.fix(visit.standing.length)}.</strong>
			{t.nav.fixLead}
			{#each visit.standing as issue (issue.field)}
				{#if fieldName(issue.field)}
					<Button look="quiet" class="me-3" href={questionHref(issue.field)}>{fieldName(issue.field)}</Button>
				{/if}
			{/each}
		</p>
	</Notice>
{/if}
{#each visit.questions as question (question.id)}
	<section
		id="q-{question.id}"
		class="question"
		class:current={question.id === current}
		tabindex="-1"
		onfocusin={() => (draft.active = question.id)}
	>
		<LazyHydrate>
			<WalkQuestion
				{question}
				facts={visit.facts}
				{draft}
				{t}
				issues={visit.issues}
				namesSeats={visit.place.checklist.version > 1}
				own={visit.place.checklist.own}
				onpick={() => visit.picked()}
				stop={(signs) => visit.halt(signs)}
			/>
			<VerdictLine field={question.id} partial={draft.partial} unit={draft.unit} {t} />
		</LazyHydrate>
	</section>
{:else}
	<p class="mt-4 text-lead">{t.nav.nothingHere}</p>
{/each}

<style>
	.question {
		outline: none;
	}
	@media (max-width: 61.99rem) {
		.lead,
		.question:not(.current) {
			display: none;
		}
		.question :global(legend),
		.question :global(.question-title) {
			font-family: var(--font-title);
			font-size: var(--text-head);
			line-height: var(--text-head--line-height);
		}
	}
	/* A hint beside a title is no title. */
	.question :global(legend .text-note) {
		font-family: var(--font-sans);
		font-weight: 400;
	}
	@media (min-width: 62rem) {
		.question {
			padding: 1rem 0;
			border-bottom: 1px solid var(--rule);
		}
		.question :global(.question-title) {
			font-weight: 600;
		}
	}
</style>
