<script module lang="ts">
	/** Whether it was opened in this browser: the plan that the device works out gives way to the stored one under the person's hand. */
	let wasOpened = false;
</script>

<script lang="ts">
	import { untrack } from 'svelte';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { EquipmentItem } from '$lib/core/plan/equipment';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import type { PlanDrawing } from './plan-drawing';
	import OtherWays from './OtherWays.svelte';
	import Purchases from './Purchases.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		advice: PageAdvice;
		/** What was requested; null where nothing can be, as on the desk. */
		requests?: readonly EquipmentItem[] | null;
		/** Open where nothing is left to do at home. What was requested of it is seen either way. */
		isOpen?: boolean;
		drawn: PlanDrawing;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { advice, requests = null, isOpen = false, drawn, t, unit }: Props = $props();

	const others = $derived(advice.variants.filter(({ id }) => id !== 'another-spot'));
	/** As the page came: what is withdrawn later doesn't fold it under the person's hand. */
	const comesOpen = untrack(
		() =>
			wasOpened ||
			advice.purchases.some(({ purchases }) => purchases.some((item) => requests?.includes(item)))
	);
	const hasAny = $derived(others.length + advice.purchases.length > 0 || advice.more !== null);
</script>

<!-- More items from home first, then purchases, then other ways to work. -->
{#if hasAny}
	<div class="no-print mt-6">
		<Disclosure words={t.open.helpTitle} isOpen={isOpen || comesOpen} ontoggle={(is) => (wasOpened = is)}>
			<LazyHydrate
				>{#if hasAny}<Purchases
						more={advice.more}
						purchases={advice.purchases}
						{requests}
						own={advice.own}
						{t}
						{unit}
					/>{/if}</LazyHydrate
			>
			<LazyHydrate
				>{#if others.length > 0}<OtherWays variants={others} {drawn} {t} {unit} />{/if}</LazyHydrate
			>
		</Disclosure>
	</div>
{/if}
{#if !advice.proven}<p class="mt-4 text-note text-ink-soft">{t.open.notProven}</p>{/if}
