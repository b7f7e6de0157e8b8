<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { Catalogue } from '$lib/messages';
	import Later from '../later/Later.svelte';
	import type { PlanPageData, PlanVisit } from './plan-visit.svelte';
	import PlanNext from './PlanNext.svelte';
	import WhatStaysOpen from './WhatStaysOpen.svelte';

	type Open = ComponentProps<typeof WhatStaysOpen>;

	interface Props {
		visit: PlanVisit;
		data: PlanPageData &
			Open['advice'] &
			Pick<Open, 'requests' | 'findingTicks'> &
			Pick<ComponentProps<typeof PlanNext>, 'next' | 'earlier'>;
		t: Catalogue;
	}

	let { visit, data, t }: Props = $props();
</script>

<div class="below no-print">
	<Later
		><PlanNext
			token={data.token}
			isDone={visit.isDone}
			openProblems={visit.openProblems}
			next={data.next}
			earlier={data.earlier}
			{t}
		/></Later
	>
	<Later
		><WhatStaysOpen
			advice={data}
			requests={data.requests}
			findingTicks={data.findingTicks}
			drawn={{ corner: data.corner, plan: visit.plan, drawnAs: data.drawnAs }}
			hrefOf={(page) => `/c/${data.token}/${page}`}
			{t}
			unit={data.unit}
		/></Later
	>
</div>

<style>
	/* Laid out as it comes in sight: what stands above is read first. */
	.below {
		content-visibility: auto;
		contain-intrinsic-size: auto 60rem;
	}
</style>
