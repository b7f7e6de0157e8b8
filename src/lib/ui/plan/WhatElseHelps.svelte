<script lang="ts">
	import type { LengthUnit } from '$lib/core/length';
	import type { AskedThing } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import Disclosure from '../kit/Disclosure.svelte';
	import type { Drawn } from './drawn';
	import OtherWays from './OtherWays.svelte';
	import Purchases from './Purchases.svelte';
	import Later from '../later/Later.svelte';

	interface Props {
		advice: PageAdvice;
		/** What has been asked for; null where nobody can ask here, as at the coordinator's. */
		requests?: readonly AskedThing[] | null;
		/** Open where nothing is left to do at home. */
		isOpen?: boolean;
		/** What other ways are drawn with. */
		drawn: Drawn;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { advice, requests = null, isOpen = false, drawn, t, unit }: Props = $props();

	const others = $derived(advice.variants.filter(({ id }) => id !== 'another-spot'));
	const hasAny = $derived(others.length + advice.purchases.length > 0 || advice.more !== null);
</script>

<!-- More from the home first, then what is bought, then other ways to work. -->
{#if hasAny}
	<div class="no-print mt-6">
		<Disclosure words={t.open.helpTitle} {isOpen}>
			<Later
				><Purchases
					more={advice.more}
					purchases={advice.purchases}
					{requests}
					own={advice.own}
					{t}
					{unit}
				/></Later
			>
			<Later><OtherWays variants={others} {drawn} {t} {unit} /></Later>
		</Disclosure>
	</div>
{/if}
{#if !advice.proven}<p class="mt-4 text-note text-ink-soft">{t.open.notProven}</p>{/if}
