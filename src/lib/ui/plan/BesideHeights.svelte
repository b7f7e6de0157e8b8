<script lang="ts">
	import { seatRulesOf, type Corner } from '$lib/core/corner';
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import DeskPlan from './DeskPlan.svelte';
	import OtherChecks from './OtherChecks.svelte';
	import SunAtWindow from './SunAtWindow.svelte';
	import Disclosure from '../kit/Disclosure.svelte';
	import Later from '../later/Later.svelte';

	interface Props {
		corner: Corner;
		advice: Pick<PageAdvice, 'others' | 'sun' | 'besides' | 'eyeMm'>;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { corner, advice, t, unit }: Props = $props();
</script>

<!-- What is worked out besides the heights: distances and angles, the window, the desk from above. -->
<Disclosure words={t.otherChecks.foldTitle}>
	<Later><OtherChecks checks={advice.others} {t} {unit} /></Later>
	{#if seatRulesOf(corner).isForWork}<Later
			><DeskPlan {corner} besides={advice.besides} eyeMm={advice.eyeMm} {t} {unit} /></Later
		>{/if}
	{#if advice.sun}<Later><SunAtWindow sun={advice.sun} {t} /></Later>{/if}
</Disclosure>
