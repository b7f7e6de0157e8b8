<script lang="ts">
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import NeedsNetwork from '../kit/NeedsNetwork.svelte';
	import type { BreakRun } from './break-run.svelte';

	interface Props {
		run: BreakRun;
		token: string;
		t: Catalogue;
	}

	let { run, token, t }: Props = $props();

	const step = $derived(run.step);
	const words = $derived(step ? t.moving.exercises[step.exercise] : null);
	const phase = $derived((step && (words?.phases as Record<string, string>)[step.phase]) ?? '');
	const caution = $derived(words && 'caution' in words ? words.caution : null);
	const isUnderWay = $derived(run.state === 'runs' || run.state === 'paused');
	const now = () => new Date();
</script>

{#if run.state === 'done'}
	<h2 class="text-title">{t.moving.pause.done}</h2>
	<p class="mt-1 text-lead">{t.moving.pause.doneLead}</p>
	<p class="mt-4"><Button type="button" onclick={() => run.again()}>{t.moving.pause.again}</Button></p>
{:else if !step || !words}
	<p class="text-lead">{t.moving.pause.nothing}</p>
{:else}
	<p class="min-h-6 font-semibold text-cool">{step.side ? t.moving.sides[step.side] : ''}</p>
	<h2 class="text-title">{words.name}</h2>
	<p class="words text-lead">{phase}</p>
	{#if caution}<p class="mt-1 border-l-4 border-warm pl-3">{caution}</p>{/if}
	<p class="count" role="timer" aria-live="off">
		<span class="num">{isUnderWay ? run.place.leftS : step.seconds}</span>
		<span class="text-note text-ink-soft">
			{step.rounds > 1 ? t.moving.pause.round(step.round, step.rounds) : ''}
		</span>
	</p>
	<div class="acts">
		{#if run.state === 'runs'}
			<Button type="button" look="main" size="thumb" onclick={() => run.pause(now())}
				>{t.moving.pause.hold}</Button
			>
		{:else}
			<Button type="button" look="main" size="thumb" onclick={() => run.begin(now())}
				>{run.state === 'ready' ? t.moving.pause.begin : t.moving.pause.go}</Button
			>
		{/if}
		{#if isUnderWay}
			<Button type="button" onclick={() => run.skip(now())}>{t.moving.pause.skip}</Button>
			<Button type="button" onclick={() => run.shorter(now())}>{t.moving.pause.shorter}</Button>
			<Button type="button" onclick={() => run.hurts(now())}>{t.moving.pause.hurts}</Button>
		{/if}
	</div>
	<p class="mt-3 text-note text-ink-soft">{t.moving.stopAtPain}</p>
{/if}
{#if run.hurt}
	{@const hurt = run.hurt}
	<div class="mt-3 border-l-4 border-warm bg-warm-wash px-3 py-2" role="alert">
		<p>{t.moving.pause.stopped}</p>
		<p class="mt-1 flex flex-wrap items-center gap-x-5">
			<NeedsNetwork href="/c/{token}/messages?hurt={hurt}" {t}>{t.moving.pause.tell}</NeedsNetwork>
			<Button type="button" look="quiet" onclick={() => run.bringBack(hurt)}
				>{t.moving.pause.bringBack}</Button
			>
		</p>
	</div>
{/if}
<!-- What changes is said once, as it changes: the seconds are not read out. -->
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
