<script lang="ts">
	import {
		chosenOption,
		type Answers,
		type LengthFieldName,
		LENGTH_FIELDS
	} from '$lib/core/questionnaire/answers/fields';
	import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import type { PartialCorner } from '$lib/core/questionnaire/answers/partial-checks';
	import { factsOf } from '$lib/core/plan/conditions/facts';
	import type { DeskThing } from '$lib/core/workstation/desk/placed-thing';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { drawnDimension } from '$lib/core/workstation/side-view/drawn-dimension';
	import { idealOtherPosture } from '$lib/core/workstation/side-view/ideal-corner';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { Catalogue } from '$lib/messages/shapes';
	import { wordsFor } from '$lib/messages/words-by-facts';
	import DeskFromAbove from '../workstation/desk/DeskFromAbove.svelte';
	import { deskLayoutFor } from '../workstation/desk/desk-of';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import { lengthInWords } from './length-in-words';

	interface Props {
		page: QuestionnairePage;
		/** The question shown, or the field with the focus. */
		active: string | null;
		answers: Answers;
		partial: PartialCorner;
		unit: LengthUnit;
		t: Catalogue;
	}

	let { page, active, answers, partial, unit, t }: Props = $props();

	const FROM_ABOVE: Readonly<Partial<Record<QuestionnairePage, readonly DeskThing[]>>> = {
		mouse: ['phone'],
		light: ['papers', 'lamp', 'phone']
	};
	/** Questions about the place of the workstation in the room. */
	const IN_THE_ROOM: ReadonlySet<string> = new Set(['check.window-clock', 'check.walkway', 'check.sun']);

	const corner = $derived(partial.corner);
	const things = $derived(FROM_ABOVE[page] ?? (active && IN_THE_ROOM.has(active) ? [] : null));
	const length = $derived(
		active && Object.hasOwn(LENGTH_FIELDS, active) ? (active as LengthFieldName) : null
	);
	const drawnAs = $derived(chosenOption(answers, 'drawnAs'));
	/** Stature is shown on a standing figure. */
	const isUpright = $derived(page === 'you' && corner.spot.posture === 'sitting' && drawnAs === 'standard');
	const section = $derived(sideViewOf(isUpright ? idealOtherPosture(corner) : corner, null, null, drawnAs));
	const dimension = $derived(length ? drawnDimension(length, section) : null);
	const words = $derived(wordsFor(t.look[page] ?? '', factsOf(corner)));
	const label = $derived(length ? lengthInWords(length, answers, unit, t) : '');
</script>

{#if things}
	<DeskFromAbove
		layout={deskLayoutFor(corner, things)}
		deskDepth={corner.spot.surface.depth}
		hand={corner.person.hand}
		label={words}
		showsWindow={page === 'spot'}
		{t}
	/>
{:else}
	<SideViewDrawing
		{section}
		all={[section]}
		{t}
		{unit}
		isLive
		fills
		dimension={dimension && { ...dimension, label }}
	/>
{/if}
