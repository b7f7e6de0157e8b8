<script lang="ts">
	import { BREAK_KINDS } from '$lib/core/moving';
	import type { Catalogue } from '$lib/messages';
	import SegmentSwitch from '../kit/SegmentSwitch.svelte';
	import type { BreakRun } from './break-run.svelte';

	interface Props {
		run: BreakRun;
		/** Breaks of today. */
		taken: number;
		isInWheelchair: boolean;
		t: Catalogue;
	}

	let { run, taken, isInWheelchair, t }: Props = $props();

	const step = $derived(run.step);
	const kinds = $derived(isInWheelchair ? BREAK_KINDS : BREAK_KINDS.filter((kind) => kind !== 'shift'));
</script>

<div>
	<SegmentSwitch
		label={t.moving.pause.which}
		states={kinds}
		shown={run.kind}
		words={(kind) => t.moving.shortKinds[kind]}
		choose={(kind) => run.choose(kind)}
	/>
	{#if run.exercises.length > 0}
		<h2 class="mt-4 font-semibold">{t.moving.pause.steps}</h2>
		<ol class="mt-1">
			{#each run.exercises as id (id)}
				<li class:here={step?.exercise === id && run.state !== 'done'}>{t.moving.exercises[id].name}</li>
			{/each}
		</ol>
		<p class="text-note text-ink-soft">
			{t.moving.pause.inAll(run.exercises.length, run.offered.seconds)}
		</p>
	{/if}
	{#each run.offered.heldBack as { region, why } (region)}
		<p class="mt-2 border-l-4 border-warm pl-3 text-note">
			{region === null
				? t.moving.heldBack.all
				: t.moving.heldBack[why](t.discomfort.places[region].toLocaleLowerCase(t.locale))}
		</p>
	{/each}
	<p class="mt-3 font-semibold" role="status">{taken > 0 ? t.moving.pause.taken(taken) : ''}</p>
</div>

<style>
	li.here {
		font-weight: 600;
	}
</style>
