<script lang="ts">
	import { tick, untrack, type Snippet } from 'svelte';
	import {
		BODY_PLACES,
		painField,
		bodyPlaceName,
		type BodyPlace
	} from '$lib/core/questionnaire/answers/discomfort-answers';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { Catalogue } from '$lib/messages/shapes';
	import BodyFigure from '../body/body-figure/BodyFigure.svelte';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import type { AnswerStore } from './answer-store';
	import DiscomfortPlace from './DiscomfortPlace.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		draft: AnswerStore;
		t: Catalogue;
		issues: readonly FieldIssue[];
		offersNothing?: boolean;
		/** Further questions, before the one tap for nothing. */
		children?: Snippet;
	}

	let { draft, t, issues, offersNothing = true, children }: Props = $props();

	const worstOf = (place: BodyPlace) => Number(draft.answers[painField(place, 'worst')] || 0);
	const soreNames = () => BODY_PLACES.filter((place) => worstOf(place) > 0).map(bodyPlaceName);
	/** Places next to the figure: sore when the page loaded, touched since, or reported on another device. */
	let beside = $state<readonly string[]>(untrack(soreNames));
	/**
	 * Places that have left the fold. They appear next to the figure once the fold has removed them: two radio groups of one name would
	 * share one selection.
	 */
	let unfolded = $state<readonly string[]>(untrack(soreNames));
	/** Places rated in the fold: they stay where they are. */
	let inPlace = $state<readonly string[]>([]);

	async function unfold(names: readonly string[]): Promise<void> {
		unfolded = [...unfolded, ...names];
		await tick();
		beside = [...names, ...beside];
	}

	$effect(() => {
		const come = soreNames().filter((name) => !inPlace.includes(name));
		untrack(() => {
			const more = come.filter((name) => !unfolded.includes(name));
			if (more.length > 0) void unfold(more);
		});
	});

	/** The answers of a place in the fold: someone who changes one continues there. */
	const ofFolded = (name: string): AnswerStore => ({
		get answers() {
			return draft.answers;
		},
		set(field, text) {
			if (!inPlace.includes(name)) inPlace = [...inPlace, name];
			draft.set(field, text);
		}
	});

	const scores = $derived(
		Object.fromEntries(BODY_PLACES.map((place) => [bodyPlaceName(place), worstOf(place)]))
	);
	const shown = $derived(
		beside.flatMap((name) => BODY_PLACES.find((place) => bodyPlaceName(place) === name) ?? [])
	);
	const folded = $derived(BODY_PLACES.filter((place) => !unfolded.includes(bodyPlaceName(place))));
	const isSore = $derived(Object.values(scores).some((score) => score > 0));

	async function touch(name: string) {
		if (!unfolded.includes(name)) await unfold([name]);
		// After the list has opened the place, scroll to where the finger was.
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
<div class="figure needs-js"><LazyHydrate><BodyFigure {scores} {touch} {t} /></LazyHydrate></div>
<ul class="places">
	{#each shown as place (bodyPlaceName(place))}<DiscomfortPlace {place} {draft} {t} {issues} isOpen />{/each}
</ul>
<Disclosure words={t.discomfort.list}>
	<ul>
		{#each folded as place (bodyPlaceName(place))}<DiscomfortPlace
				{place}
				draft={ofFolded(bodyPlaceName(place))}
				{t}
				{issues}
			/>{/each}
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
