<script lang="ts">
	import type { ExtraAnswers } from '$lib/core/questionnaire/answers/extra-answers';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import { secondScreenRaise } from '$lib/core/workstation/desk/second-screen';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import DeskFromAbove from '../workstation/desk/DeskFromAbove.svelte';
	import { deskLayoutFor } from '../workstation/desk/desk-of';

	interface Props {
		corner: Corner;
		besides: ExtraAnswers;
		/** Eye height after the plan, mm. */
		eyeMm: number;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { corner, besides, eyeMm, t, unit }: Props = $props();

	const layout = $derived(deskLayoutFor(corner, besides.things, besides.secondScreen));
	const second = $derived(besides.secondScreen);
	const rise = $derived(second?.isLaptop ? secondScreenRaise(corner.spot.surface.height, eyeMm) : 0);
	const names = (of: typeof layout.things) => t.lists.and(of.flatMap(({ name }) => t.lookThings[name] ?? []));
	const overEdge = $derived(layout.things.filter(({ onDesk, name }) => !onDesk && t.lookThings[name]));
	const outOfReach = $derived(
		layout.things.filter(({ zone, onDesk, name }) => onDesk && zone === 'beyond' && t.lookThings[name])
	);
</script>

<section class="mt-6">
	<h2 class="text-lead">{t.desk.title}</h2>
	<p class="text-note text-ink-soft">{t.desk.lead}</p>
	<div class="mt-2 border border-rule bg-sheet">
		<DeskFromAbove
			{layout}
			deskDepth={corner.spot.surface.depth}
			hand={corner.person.hand}
			label={t.desk.title}
			{t}
		/>
	</div>
	{#if second}
		<p class="mt-1">{second.isAlike ? t.desk.twoAlike : t.desk.twoMostly}</p>
		{#if rise > 0}<p>{t.desk.raiseSecond(formatLength(rise, unit, { locale: t.locale }))}</p>{/if}
	{/if}
	{#if overEdge.length > 0}<p class="text-note">{t.desk.overEdge(names(overEdge))}</p>{/if}
	{#if outOfReach.length > 0}<p class="text-note">{t.desk.outOfReach(names(outOfReach))}</p>{/if}
</section>
