<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import type { BreakTexts } from '$lib/messages/breaks';
	import SegmentSwitch from '../platform/kit/SegmentSwitch.svelte';
	import type { BreakRun } from './break-run.svelte';
	import { shortBreakKindWords } from './break-words';

	interface Props {
		run: BreakRun;
		taken: number;
		isSeated: boolean;
		t: Catalogue;
		texts: BreakTexts;
	}

	let { run, taken, isSeated, t, texts }: Props = $props();

	const step = $derived(run.step);
	/** For someone who stays seated, a change of position replaces standing up: one of the two is enough to choose from. */
	const KINDS = ['up', 'stand', 'micro', 'eyes'] as const;
</script>

<div>
	<SegmentSwitch
		label={texts.pause.which}
		states={KINDS}
		shown={run.kind}
		words={(kind) => shortBreakKindWords(texts, kind, isSeated)}
		choose={(kind) => run.choose(kind)}
	/>
	{#if run.exercises.length > 0}
		<h2 class="mt-4 font-semibold">{texts.pause.steps}</h2>
		<ol class="mt-1">
			{#each run.exercises as id (id)}
				<li class:here={step?.exercise === id && run.state !== 'done'}>{texts.exercises[id].name}</li>
			{/each}
		</ol>
		<p class="text-note text-ink-soft">
			{texts.pause.inAll(run.exercises.length, run.offered.seconds)}
		</p>
	{/if}
	{#each run.offered.heldBack as { region, why } (region)}
		<p class="mt-2 border-s-4 border-warm ps-3 text-note">
			{region === null
				? texts.heldBack.all[why as Exclude<typeof why, 'too-bad'>]
				: texts.heldBack[why as 'sign' | 'too-bad'](t.discomfort.places[region].toLocaleLowerCase(t.locale))}
		</p>
	{/each}
	<p class="mt-3 font-semibold" role="status">{taken > 0 ? texts.pause.taken(taken) : ''}</p>
</div>

<style>
	li.here {
		font-weight: 600;
	}
</style>
