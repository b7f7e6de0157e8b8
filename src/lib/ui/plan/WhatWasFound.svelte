<script lang="ts">
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import type { Habit } from '$lib/core/questionnaire/checklist/habits';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import type { FindingTicks } from '$lib/core/cases/case-assessment/open-findings';
	import Button from '../platform/kit/Button.svelte';
	import type { PlanDrawing } from './plan-drawing';
	import FindingList from './FindingList.svelte';
	import GetKeyboard from './GetKeyboard.svelte';
	import Habits from './Habits.svelte';
	import LaptopWays from './LaptopWays.svelte';
	import OtherWays from './OtherWays.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		advice: PageAdvice;
		/** What was requested; null where nothing can be, as on the desk. */
		requests?: readonly EquipmentItem[] | null;
		/** The state of each finding; null where nobody can tick. */
		findingTicks?: FindingTicks | null;
		/** URL of a page of questions; null where nobody can answer here. */
		hrefOf?: ((page: string) => string) | null;
		/** Whether the page begins with getting a keyboard and mouse. */
		beginsWithKeyboard?: boolean;
		/** URL of the arrangement for reading; null where it is only described. */
		readingHref?: string | null;
		/** Whether habits are shown here, and what saves an answer where the server does not. */
		hasHabits?: boolean;
		answer?: ((habit: Habit, isSo: boolean) => void) | null;
		drawn: PlanDrawing;
		t: Catalogue;
		unit: LengthUnit;
	}

	let {
		advice,
		requests = null,
		findingTicks = null,
		hrefOf = null,
		beginsWithKeyboard = false,
		readingHref = null,
		hasHabits = true,
		answer = null,
		drawn,
		t,
		unit
	}: Props = $props();

	/** A better place comes first where no plan can make this one suitable. */
	const better = $derived(advice.variants.filter(({ id }) => id === 'another-spot'));
</script>

<!-- Findings besides the heights, and how to work until more is there. -->
<LazyHydrate
	>{#if advice.laptop}<LaptopWays laptop={advice.laptop} corner={drawn.corner} {readingHref} {t} {unit}
			>{#snippet asking()}{#if requests && !beginsWithKeyboard}<GetKeyboard
						{requests}
						own={advice.own}
						{t}
					/>{/if}{/snippet}</LaptopWays
		>{/if}</LazyHydrate
>
{#if better.length > 0}<OtherWays variants={better} isFirst {t} {unit} />{/if}
<LazyHydrate
	><FindingList
		dayHref={hrefOf?.('day') ?? null}
		findings={advice.findings}
		ticks={findingTicks}
		{requests}
		own={advice.own}
		{t}
		{unit}
	/></LazyHydrate
>
{#if advice.closed.length > 0}
	<p class="mt-3 text-note">
		<span class="font-semibold">{t.lists.label(t.open.closedTitle)}</span>
		{t.lists.and(advice.closed)}.
	</p>
{/if}
<LazyHydrate
	>{#if hasHabits}<Habits
			habits={advice.habits}
			told={advice.toldDistance}
			{answer}
			{t}
			{unit}
		/>{/if}</LazyHydrate
>
{#if advice.askNext.length > 0 && hrefOf}
	<section class="no-print mt-6">
		<h2 class="text-lead">{t.open.askNextTitle}</h2>
		<p>{t.open.askNext}</p>
		<ul class="mt-1">
			{#each advice.askNext as { id, question, page } (id)}
				<li><Button look="quiet" href={hrefOf(page)}>{question}</Button></li>
			{/each}
		</ul>
	</section>
{/if}
