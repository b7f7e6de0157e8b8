<script lang="ts">
	import { seatRulesOf } from '$lib/core/workstation/corner/seat-kinds';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import DeskPlan from './DeskPlan.svelte';
	import OtherChecks from './OtherChecks.svelte';
	import SunAtWindow from './SunAtWindow.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		corner: Corner;
		advice: Pick<PageAdvice, 'others' | 'sun' | 'besides' | 'eyeMm'>;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { corner, advice, t, unit }: Props = $props();
</script>

<!-- Results besides the heights: distances and angles, the window, the desk from above. -->
<Disclosure words={t.otherChecks.foldTitle}>
	<LazyHydrate><OtherChecks checks={advice.others} {t} {unit} /></LazyHydrate>
	<LazyHydrate
		>{#if seatRulesOf(corner).isForWork}<DeskPlan
				{corner}
				besides={advice.besides}
				eyeMm={advice.eyeMm}
				{t}
				{unit}
			/>{/if}</LazyHydrate
	>
	<LazyHydrate
		>{#if advice.sun}<SunAtWindow sun={advice.sun} {t} />{/if}</LazyHydrate
	>
</Disclosure>
