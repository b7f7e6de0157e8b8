<script lang="ts">
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { SharedSessionSummary } from '$lib/core/questionnaire/shared-session/shared-session';
	import { stepWords } from '../../plan/step-words';
	import type { EntryContext } from './entry-words';
	import SharedSessionEntries from './SharedSessionEntries.svelte';

	interface Props {
		summaries: readonly SharedSessionSummary[];
		context: EntryContext;
		unit: LengthUnit;
		personName: string;
		/** A day in the reader's words. */
		day: (at: Date | string) => string;
	}

	let { summaries, context, unit, personName, day }: Props = $props();

	const { t, texts } = $derived(context);
</script>

{#each summaries as summary (summary.id)}
	<section class="mt-6 border-t border-ink pt-3">
		<h2 class="text-lead">{texts.summary.heading(day(summary.endedAt))}</h2>
		<p>{texts.summary.with(t.lists.plain(summary.coordinators))} {texts.summary.endedBy[summary.endedBy]}</p>
		<h3 class="mt-3 font-semibold">{texts.plan}</h3>
		{#if summary.agreed}
			<p>{texts.agreed.both}</p>
			<ol class="list-inside list-decimal">
				{#each summary.agreed as step (step.place)}
					<li>{t.lists.of(t.steps.places[step.place], stepWords(step, t, unit).join(' '))}</li>
				{:else}
					<li>{texts.noSteps}</li>
				{/each}
			</ol>
		{:else}<p class="text-ink-soft">{texts.summary.nothingAgreed}</p>{/if}
		<p class="mt-3 font-semibold">
			{summary.nextOn ? texts.summary.nextOn(day(summary.nextOn)) : texts.summary.noNext}
		</p>
		<h3 class="mt-3 font-semibold">{texts.entered}</h3>
		<SharedSessionEntries entries={summary.entries} {context} {personName} />
	</section>
{/each}
