<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Button from '../platform/kit/Button.svelte';
	import NeedsNetwork from '../platform/kit/NeedsNetwork.svelte';
	import type { BreakRun } from './break-run.svelte';

	interface Props {
		run: BreakRun;
		token: string;
		t: Catalogue;
		texts: BreakTexts;
	}

	let { run, token, t, texts }: Props = $props();

	const step = $derived(run.step);
	const words = $derived(step ? texts.exercises[step.exercise] : null);
	const phase = $derived((step && (words?.phases as Record<string, string>)[step.phase]) ?? '');
	const caution = $derived(words && 'caution' in words ? words.caution : null);
	const isUnderWay = $derived(run.state === 'runs' || run.state === 'paused');
	const now = () => new Date();
</script>

{#if run.state === 'done'}
	<h2 class="text-title">{run.wasTaken ? texts.pause.done : texts.pause.none}</h2>
	<p class="mt-1 text-lead">{run.wasTaken ? texts.pause.doneLead : texts.pause.noneLead}</p>
	<p class="mt-4"><Button type="button" onclick={() => run.again()}>{texts.pause.again}</Button></p>
{:else if !step || !words}
	<p class="text-lead">{texts.pause.nothing}</p>
{:else}
	<p class="min-h-6 font-semibold text-cool">{step.side ? texts.sides[step.side] : ''}</p>
	<h2 class="text-title">{words.name}</h2>
	<p class="words text-lead">{phase}</p>
	{#if caution}<p class="mt-1 border-s-4 border-warm ps-3">{caution}</p>{/if}
	<p class="count" role="timer" aria-live="off">
		<span class="num">{isUnderWay ? run.place.leftS : step.seconds}</span>
		<span class="text-note text-ink-soft">
			{step.rounds > 1 ? texts.pause.round(step.round, step.rounds) : ''}
		</span>
	</p>
	<div class="acts">
		{#if run.state === 'runs'}
			<Button type="button" look="main" size="thumb" onclick={() => run.pause(now())}
				>{texts.pause.hold}</Button
			>
		{:else}
			<Button type="button" look="main" size="thumb" onclick={() => run.begin(now())}
				>{run.state === 'ready' ? texts.pause.begin : texts.pause.go}</Button
			>
		{/if}
		{#if isUnderWay}
			<Button type="button" onclick={() => run.skip(now())}>{texts.pause.skip}</Button>
			<Button type="button" onclick={() => run.shorter(now())}>{texts.pause.shorter}</Button>
			<Button type="button" onclick={() => run.hurts(now())}>{texts.pause.hurts}</Button>
		{/if}
	</div>
	<p class="mt-3 text-note text-ink-soft">{texts.stopAtPain}</p>
{/if}
{#if run.hurt}
	{@const hurt = run.hurt}
	<div class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">
		<p>{texts.pause.stopped}</p>
		<p class="mt-1 flex flex-wrap items-center gap-x-5">
			<NeedsNetwork href="/c/{token}/messages?hurt={hurt}" {t}>{texts.pause.tell}</NeedsNetwork>
			<Button type="button" look="quiet" onclick={() => run.bringBack(hurt)}>{texts.pause.bringBack}</Button>
		</p>
	</div>
{/if}
<!-- Changes are announced once when they happen; the seconds are not read out. -->
<p class="sr-only" role="status">{run.state === 'runs' && words ? `${words.name}. ${phase}` : ''}</p>

<style>
	.words {
		min-height: 3.5rem;
		margin-top: 0.25rem;
	}
	.count {
		display: flex;
		gap: 0.75rem;
		align-items: baseline;
	}
	.count .num {
		font-size: 4.5rem;
		line-height: 1.1;
		font-weight: 600;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		margin-top: 0.5rem;
	}
</style>
