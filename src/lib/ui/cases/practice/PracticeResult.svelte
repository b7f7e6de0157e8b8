<script lang="ts">
	import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
	import { PRACTICE_SIZE, type PracticeCase } from '$lib/core/cases/practice/practice-cases';
	import type { PracticeScore } from '$lib/core/cases/practice/score-practice';
	import { deskWords } from '$lib/messages/desk';
	import { replyWords } from '$lib/messages/desk/reply-words';
	import { reasonWords } from '$lib/messages/desk/triage-words';
	import { percent } from '$lib/messages/desk/workforce-words';
	import { practiceLines } from './practice-words';

	interface Props {
		cases: readonly Omit<PracticeCase, 'result'>[];
		/** Null once other rules would give another result. */
		result: { readonly score: PracticeScore; readonly results: readonly AssessmentResult[] } | null;
		scored: { readonly orderShare: number; readonly rightActs: number; readonly missed: number };
		message: string;
		messageTo: number | null;
	}

	let { cases, result, scored, message, messageTo }: Props = $props();

	const texts = deskWords.practice;
	const addressee = $derived(cases.find(({ id }) => id === messageTo));
	const suggested = $derived(
		result && addressee ? replyWords(addressee.name, result.results[addressee.id] ?? null) : ''
	);
</script>

<h1 class="mt-1 text-title">{texts.result}</h1>
<p class="mt-2 text-lead" class:missed={scored.missed > 0}>{texts.missedResult(scored.missed)}</p>
<p>{texts.orderResult(percent(scored.orderShare))} {texts.actsResult(scored.rightActs, PRACTICE_SIZE)}</p>
{#if result}
	<ol class="mt-5 border-t border-ink">
		{#each result.score.cases as answered (answered.id)}
			{@const one = cases.find(({ id }) => id === answered.id)}
			{@const judged = result.results[answered.id]}
			{#if one && judged}
				<li class="case">
					<div>
						<h2 class="font-semibold">{one.name}</h2>
						<p class="text-note text-ink-soft">{texts.place(answered.place, answered.rightPlace)}</p>
						<ul class="mt-1 text-note">
							{#each practiceLines(one.record) as line (line)}<li>{line}</li>{/each}
						</ul>
					</div>
					<div>
						<p class="font-semibold">{deskWords.triage.levels[judged.level].name}</p>
						<ul class="text-note">
							{#each judged.reasons as reason, i (i)}<li>{reasonWords(reason, judged)}.</li>{/each}
						</ul>
						<p class="mt-1" class:wrong={answered.act !== answered.rightAct}>
							{answered.act === answered.rightAct
								? texts.rightAct(texts.actsOf[answered.rightAct])
								: texts.wrongAct(
										texts.actsOf[answered.rightAct],
										answered.act ? texts.actsOf[answered.act] : null
									)}.
						</p>
						{#if answered.isMissed}<p class="missed">{texts.leftForLater}</p>{/if}
					</div>
				</li>
			{/if}
		{/each}
	</ol>
	{#if addressee}
		<h2 class="mt-6 text-lead">{texts.message(addressee.name)}</h2>
		<div class="letters">
			<section>
				<h3 class="font-semibold">{texts.yourMessage}</h3>
				<p class="letter">{message || texts.noMessage}</p>
			</section>
			{#if suggested}
				<section>
					<h3 class="font-semibold">{texts.suggested}</h3>
					<p class="letter">{suggested}</p>
				</section>
			{/if}
		</div>
	{/if}
{:else}
	<p class="mt-4 max-w-prose text-ink-soft">{texts.otherRules}</p>
{/if}

<style>
	.case,
	.letters {
		display: grid;
		gap: 0.5rem 2rem;
	}
	.case {
		padding: 0.75rem 0;
		border-bottom: 1px solid var(--rule);
	}
	.letter {
		white-space: pre-line;
	}
	.missed {
		color: var(--warm);
		font-weight: 600;
	}
	.wrong {
		font-weight: 600;
	}
	@media (min-width: 48rem) {
		.case,
		.letters {
			grid-template-columns: repeat(2, minmax(0, 1fr));
		}
	}
</style>
