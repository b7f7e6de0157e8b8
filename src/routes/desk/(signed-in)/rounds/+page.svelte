<script lang="ts">
	import { isPermitted } from '$lib/core/platform/access/permissions';
	import { dayWords } from '$lib/messages/dates';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import RoundBar from '$lib/ui/cases/RoundBar.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	let { data } = $props();
</script>

<svelte:head><title>{texts.pageTitle}</title></svelte:head>

<main class="max-w-5xl px-6 py-6">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">{texts.heading}</h1>
			<p class="mt-1 text-ink-soft">{texts.lead}</p>
		</div>
		{#if isPermitted(data.role, 'rounds:run')}<Button look="main" size="desk" href="/desk/rounds/new"
				>{texts.newRound}</Button
			>{/if}
	</div>
	{#if data.rounds.length === 0}
		<p class="mt-8 border-t border-ink pt-6 text-lead">
			{texts.noneYet}
		</p>
	{/if}
	<ul class="mt-5 border-t-[1.5px] border-ink">
		{#each data.rounds as round (round.id)}
			<li class="grid gap-x-6 gap-y-1 border-b border-rule py-3 sm:grid-cols-[16rem_1fr]">
				<div>
					{#if isPermitted(data.role, 'rounds:run')}<a
							class="font-semibold text-ink"
							href="/desk/rounds/{round.id}">{round.name}</a
						>{:else}<span class="font-semibold">{round.name}</span>{/if}
					<p class="text-note text-ink-soft">
						{texts.summary({
							roundStates: round.pausedAt ? texts.paused : deskWords.states.rounds[round.state],
							startsOn: dayWords(round.startsOn, 'medium'),
							dueOn: dayWords(round.dueOn, 'medium')
						})}
					</p>
				</div>
				<div><RoundBar progress={round.progress} isClosed={round.state === 'closed'} /></div>
			</li>
		{/each}
	</ul>
</main>
