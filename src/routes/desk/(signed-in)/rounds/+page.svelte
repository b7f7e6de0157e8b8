<script lang="ts">
	import { dayWords } from '$lib/messages/desk-dates';
	import Button from '$lib/ui/kit/Button.svelte';
	import RoundBar from '$lib/ui/cases/RoundBar.svelte';
	import { ROUND_STATES } from '$lib/ui/cases/state-words';

	let { data } = $props();
</script>

<svelte:head><title>Rounds · Easy Corner</title></svelte:head>

<main class="mx-auto max-w-5xl px-6 py-6">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">Rounds</h1>
			<p class="mt-1 text-ink-soft">Self-assessments sent to many people together, with reminders.</p>
		</div>
		{#if data.role === 'coordinator'}<Button look="main" size="desk" href="/desk/rounds/new">New round</Button
			>{/if}
	</div>
	{#if data.rounds.length === 0}
		<p class="mt-8 border-t border-ink pt-6 text-lead">
			No round yet. Make one: who, which letter, from when; nothing is sent until you have seen how many
			people it goes to.
		</p>
	{/if}
	<ul class="mt-5 border-t-[1.5px] border-ink">
		{#each data.rounds as round (round.id)}
			<li class="grid gap-x-6 gap-y-1 border-b border-rule py-3 sm:grid-cols-[16rem_1fr]">
				<div>
					{#if data.role === 'coordinator'}<a class="font-semibold text-ink" href="/desk/rounds/{round.id}"
							>{round.name}</a
						>{:else}<span class="font-semibold">{round.name}</span>{/if}
					<p class="text-note text-ink-soft">
						{ROUND_STATES[round.state]} · {dayWords(round.startsOn, 'medium')} to {dayWords(
							round.dueOn,
							'medium'
						)}
					</p>
				</div>
				<div><RoundBar progress={round.progress} isClosed={round.state === 'closed'} /></div>
			</li>
		{/each}
	</ul>
</main>
