<script lang="ts">
	import type { LengthUnit } from '$lib/core/length';
	import type { AskedThing } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import type { PageAdvice } from '$lib/messages/advice/advice-for-page';
	import type { FindingTicks } from '$lib/core/judgement';
	import Button from '../kit/Button.svelte';
	import type { Drawn } from './drawn';
	import FindingList from './FindingList.svelte';
	import OtherWays from './OtherWays.svelte';
	import LaptopWays from './LaptopWays.svelte';
	import Purchases from './Purchases.svelte';
	import Later from '../later/Later.svelte';

	interface Props {
		advice: PageAdvice;
		/** What has been asked for; null where nobody can ask here, as at the coordinator's. */
		requests?: readonly AskedThing[] | null;
		/** What became of each finding; null where nobody can tick. */
		findingTicks?: FindingTicks | null;
		/** Where a page of the questions is; null where nobody can answer here. */
		hrefOf?: ((page: string) => string) | null;
		/** What other ways are drawn with. */
		drawn: Drawn;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { advice, requests = null, findingTicks = null, hrefOf = null, drawn, t, unit }: Props = $props();

	/** A better spot leads where no plan can make this one fit. */
	const better = $derived(advice.variants.filter(({ id }) => id === 'another-spot'));
	const others = $derived(advice.variants.filter(({ id }) => id !== 'another-spot'));
</script>

{#if advice.laptop}
	<Later><LaptopWays laptop={advice.laptop} corner={drawn.corner} {requests} {t} {unit} /></Later>
{/if}

{#if better.length > 0}<OtherWays variants={better} isFirst {t} {unit} />{/if}
<Later
	><FindingList
		dayHref={hrefOf?.('day') ?? null}
		findings={advice.findings}
		ticks={findingTicks}
		{requests}
		{t}
		{unit}
	/></Later
>
{#if advice.closed.length > 0}
	<p class="mt-3 text-note">
		<span class="font-semibold">{t.open.closedTitle}:</span>
		{t.lists.and(advice.closed.map((name) => name.charAt(0).toLowerCase() + name.slice(1)))}.
	</p>
{/if}

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

<Later><OtherWays variants={others} {drawn} {t} {unit} /></Later>
<Later><Purchases more={advice.more} purchases={advice.purchases} {requests} {t} {unit} /></Later>

{#if !advice.proven}<p class="mt-4 text-note text-ink-soft">{t.open.notProven}</p>{/if}
