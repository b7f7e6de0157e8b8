<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { BODY_PLACES, painField, placeName, type BodyPlace, type FieldIssue } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';
	import BodyFigure from '../body-figure/BodyFigure.svelte';
	import Button from '../kit/Button.svelte';
	import Disclosure from '../kit/Disclosure.svelte';
	import type { Answering } from './answering';
	import DiscomfortPlace from './DiscomfortPlace.svelte';
	import Later from '../later/Later.svelte';

	interface Props {
		draft: Answering;
		t: Catalogue;
		issues: readonly FieldIssue[];
		/** Offers one tap for "nothing hurts". */
		offersNothing?: boolean;
		/** What else is asked with it, before the one tap for nothing. */
		children?: Snippet;
	}

	let { draft, t, issues, offersNothing = true, children }: Props = $props();

	const worstOf = (place: BodyPlace) => Number(draft.answers[painField(place, 'worst')] || 0);
	/** Places that stand beside the figure: sore as the page came, or touched since. The others are in the fold, and stay where they are. */
	let beside = $state<readonly string[]>(
		untrack(() => BODY_PLACES.filter((place) => worstOf(place) > 0).map(placeName))
	);
	const scores = $derived(Object.fromEntries(BODY_PLACES.map((place) => [placeName(place), worstOf(place)])));
	const shown = $derived(
		beside.flatMap((name) => BODY_PLACES.find((place) => placeName(place) === name) ?? [])
	);
	const folded = $derived(BODY_PLACES.filter((place) => !beside.includes(placeName(place))));
	const isSore = $derived(Object.values(scores).some((score) => score > 0));

	function touch(name: string) {
		if (!beside.includes(name)) beside = [name, ...beside];
		// After the list has opened the place, the eye goes where the finger was.
		requestAnimationFrame(() => {
			const place = document.getElementById(`place-${name}`);
			place?.scrollIntoView({ block: 'nearest' });
			place?.querySelector('input')?.focus();
		});
	}
</script>

<h2 class="question-title">{t.discomfort.question}</h2>
{@render children?.()}
{#if offersNothing && !isSore}
	<p class="mt-2">
		<Button size="thumb" class="w-full sm:w-auto" name="none" value="hurts" formnovalidate>
			{t.discomfort.nothing}
		</Button>
	</p>
{/if}
<div class="figure needs-js"><Later><BodyFigure {scores} {touch} {t} /></Later></div>
<ul class="places">
	{#each shown as place (placeName(place))}<DiscomfortPlace {place} {draft} {t} {issues} isOpen />{/each}
</ul>
<Disclosure words={t.discomfort.list}>
	<ul>
		{#each folded as place (placeName(place))}<DiscomfortPlace {place} {draft} {t} {issues} />{/each}
	</ul>
</Disclosure>
{#if isSore}<p class="mt-4 text-note text-ink-soft">{t.discomfort.care}</p>{/if}

<style>
	.figure {
		max-width: 24rem;
		margin-top: 0.75rem;
	}
	.places:not(:empty) {
		border-top: 1px solid var(--ink);
	}
</style>
