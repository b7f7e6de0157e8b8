<script lang="ts">
	import type { TeamToVisit } from '$lib/core/workforce/teams-to-visit';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { percent } from '$lib/messages/desk/workforce-words';

	const texts = deskWords.workforce;

	interface Props {
		/** Teams worse off than the others at a month end; null where there is none yet. */
		visit: {
			readonly on: string;
			readonly isCompared: boolean;
			readonly teams: readonly TeamToVisit[];
		} | null;
	}

	let { visit }: Props = $props();
</script>

<section class="mt-6">
	<h2 class="text-head">{texts.visitTitle}</h2>
	{#if !visit?.isCompared}
		<p class="mt-1">{texts.visitTooFew}</p>
	{:else}
		{#if visit.teams.length === 0}
			<p class="mt-1">{texts.visitNone}</p>
		{:else}
			<ul class="mt-1">
				{#each visit.teams as { team, signal, figure, all } (`${team} ${signal}`)}
					<li>
						{texts.visitLines[signal]({
							team: team || deskWords.effect.noTeam,
							share: percent(figure.share),
							all: percent(all.share)
						})}
					</li>
				{/each}
			</ul>
		{/if}
		<p class="text-note text-ink-soft">{texts.visitDay(dayWords(visit.on))}</p>
	{/if}
</section>
