<script lang="ts">
	import { untrack } from 'svelte';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import AgainForm from './AgainForm.svelte';
	import type { PlanVisit } from './plan-visit.svelte';

	interface Props {
		visit: PlanVisit;
		token: string;
		unit: LengthUnit;
		isDone: boolean;
		/** The state of saving the re-measured heights. */
		kept: PlanVisit['keptState'];
		/** Whether the heights are asked for: because some were saved, or after the last step. */
		showsHeights: boolean;
		t: Catalogue;
	}

	let { visit, token, unit, isDone, kept, showsHeights, t }: Props = $props();

	let isMeasuring = $state(untrack(() => showsHeights));
	$effect(() => {
		if (showsHeights) isMeasuring = true;
	});
</script>

<!-- Shows whether the plan worked: the look from the side, and the heights as they are now. -->
{#if visit.isWorked && visit.steps.length > 0}
	<p class="no-print mt-5">
		<Button look={isDone ? 'main' : 'plain'} href="/c/{token}/side">{t.side.link}</Button>
	</p>
{/if}
{#if visit.again && visit.isWorked}
	<div class="no-print mt-6">
		<Disclosure
			words={t.plan.again}
			look="main"
			isOpen={isMeasuring}
			ontoggle={(isOpen) => (isMeasuring = isOpen)}
		>
			<LazyHydrate>
				{#if visit.again}
					<AgainForm
						again={visit.again}
						{t}
						{unit}
						{kept}
						keep={(texts) => visit.keepAgain(texts)}
						touch={() => visit.show('again')}
					/>
				{/if}
			</LazyHydrate>
		</Disclosure>
	</div>
{/if}
