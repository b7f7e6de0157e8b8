<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type { Catalogue } from '$lib/messages/shapes';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';
	import HowSure from './HowSure.svelte';
	import LookCloser from './LookCloser.svelte';
	import type { PlanPageData, PlanVisit } from './plan-visit.svelte';
	import PlanNext from './PlanNext.svelte';
	import PlanOptions from './PlanOptions.svelte';
	import WhatElseHelps from './WhatElseHelps.svelte';
	import WhatWasFound from './WhatWasFound.svelte';

	type Found = ComponentProps<typeof WhatWasFound>;

	interface Props {
		visit: PlanVisit;
		data: PlanPageData &
			Found['advice'] &
			Pick<Found, 'requests' | 'findingTicks'> &
			Pick<ComponentProps<typeof PlanNext>, 'next' | 'earlier'> &
			Pick<ComponentProps<typeof HowSure>['data'], 'stoodInFor' | 'padsExpected' | 'offersStyles'> &
			Pick<ComponentProps<typeof LookCloser>, 'closer'>;
		t: Catalogue;
	}

	let { visit, data, t }: Props = $props();

	const reading = $derived(data.offers.findIndex(({ kind }) => kind === 'reading'));
	const drawn = $derived({ corner: data.corner, plan: visit.plan, drawnAs: data.drawnAs });
</script>

<div class="below no-print">
	<LazyHydrate
		><WhatWasFound
			advice={data}
			requests={data.requests}
			findingTicks={data.findingTicks}
			beginsWithKeyboard={visit.beginsWithKeyboard}
			readingHref={reading < 0 ? null : `/c/${data.token}/plan?plan=${reading + 1}`}
			{drawn}
			hrefOf={(page) => `/c/${data.token}/${page}`}
			{t}
			unit={data.unit}
		/></LazyHydrate
	>
	<LazyHydrate><PlanOptions {visit} {t} /></LazyHydrate>
	<LazyHydrate
		><WhatElseHelps
			advice={data}
			requests={data.requests}
			isOpen={visit.steps.length === 0 && !visit.isLeftAlone}
			{drawn}
			{t}
			unit={data.unit}
		/></LazyHydrate
	>
	<LazyHydrate><HowSure {visit} {data} {t} /></LazyHydrate>
	<LazyHydrate><LookCloser closer={data.closer} token={data.token} {t} /></LazyHydrate>
	<LazyHydrate
		><PlanNext
			token={data.token}
			isDone={visit.isDone}
			openProblems={visit.openProblems}
			next={data.next}
			earlier={data.earlier}
			{t}
		/></LazyHydrate
	>
</div>
