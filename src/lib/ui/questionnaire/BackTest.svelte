<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import Disclosure from '../platform/kit/Disclosure.svelte';

	let { t }: { t: Catalogue } = $props();

	/** Loaded on demand: few open it, and the text says all of it. */
	let drawing = $state<Promise<typeof import('../breaks/ExerciseDrawing.svelte')> | null>(null);

	const phases = $derived([
		{ phase: 'begin', words: t.backTest.round },
		{ phase: 'hold', words: t.backTest.arch }
	] as const);
</script>

<Disclosure
	words={t.backTest.title}
	look="inline"
	ontoggle={(isOpen) => {
		if (isOpen) drawing ??= import('../breaks/ExerciseDrawing.svelte');
	}}
>
	<ol class="list-decimal ps-5">
		{#each t.backTest.steps as step (step)}<li>{step}</li>{/each}
	</ol>
	<div class="mt-2 grid grid-cols-2 gap-3">
		{#each phases as { phase, words } (phase)}
			<figure>
				{#await drawing then loaded}
					{#if loaded}
						{@const ExerciseDrawing = loaded.default}
						<div class="drawn">
							<ExerciseDrawing
								exercise="seated-arch"
								{phase}
								side={null}
								isInWheelchair={false}
								label={words}
							/>
						</div>
					{/if}
				{/await}
				<figcaption class="text-note text-ink-soft">{words}</figcaption>
			</figure>
		{/each}
	</div>
	<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1 text-note">{t.backTest.care}</p>
</Disclosure>

<style>
	.drawn {
		max-width: 11rem;
	}
</style>
