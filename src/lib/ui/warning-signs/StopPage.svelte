<script lang="ts">
	import { isDistress, type EmergencySign } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import { isOffline } from '../kit/is-offline.svelte';

	interface Props {
		signs: readonly EmergencySign[];
		/** The number that brings an ambulance where the person lives. */
		number: string;
		/** The crisis line that the organisation has set for the country; null where none is. */
		crisisLine: { readonly name: string; readonly phone: string } | null;
		token: string;
		t: Catalogue;
	}

	let { signs, number, crisisLine, token, t }: Props = $props();

	const bodily = $derived(signs.filter((sign) => !isDistress(sign)));
	const isInDistress = $derived(signs.some(isDistress));
	const stop = $derived(`/c/${token}/stop`);
	const always = $derived([
		[`/c/${token}/messages`, t.first.stopWrite],
		[`/c/${token}/privacy`, t.first.stopPrivacy],
		[`/c/${token}/take-along`, t.first.stopDownload],
		[`/c/${token}/withdraw`, t.first.stopWithdraw]
	]);
</script>

{#if bodily.length > 0}
	<div class="mt-6 border-l-8 border-warm bg-warm-wash px-5 py-5" role="alert">
		<h1 class="text-title text-warm">{t.first.stopTitle}</h1>
		<p class="mt-3">{t.first.stopLead}</p>
		<ul class="mt-1 list-disc pl-5 font-semibold">
			{#each bodily as sign (sign)}<li>{t.first.signs[sign]}</li>{/each}
		</ul>
		<p class="mt-5">
			<Button look="main" size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
		</p>
		<p class="mt-2 text-note">{t.first.callElsewhere}</p>
	</div>
	<ol class="mt-6 list-decimal space-y-2 pl-5 text-lead">
		{#each t.first.stopDo as line (line)}<li>{line}</li>{/each}
	</ol>
	<p class="mt-6 text-ink-soft">{t.first.stopTold}</p>
{/if}
{#if isInDistress}
	<section class="mt-6 border-l-8 border-ink bg-sheet px-5 py-5" role="alert" aria-labelledby="distress">
		<svelte:element this={bodily.length > 0 ? 'h2' : 'h1'} id="distress" class="text-title"
			>{t.first.distressStopTitle}</svelte:element
		>
		<p class="mt-3 text-lead">{t.first.distressStopLead}</p>
		<div class="mt-5 grid gap-3">
			{#if crisisLine}
				<Button look="main" size="thumb" class="w-full" href="tel:{crisisLine.phone.replace(/[^+\d]/g, '')}"
					>{crisisLine.name}: {crisisLine.phone}</Button
				>
				<Button size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
			{:else}
				<p>{t.first.distressNoLine(number)}</p>
				<Button look="main" size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
			{/if}
		</div>
		<p class="mt-2 text-note">{t.first.callElsewhere}</p>
		<ul class="mt-5 list-disc space-y-2 pl-5">
			{#each t.first.distressDo as line (line)}<li>{line}</li>{/each}
		</ul>
		<p class="mt-5 text-ink-soft">{t.first.distressTold}</p>
	</section>
{/if}

<section class="mt-8 border-t border-rule pt-5" aria-labelledby="open-again">
	<h2 id="open-again" class="text-lead">{t.first.stopOpenAgain}</h2>
	{#if isOffline.current}<p class="mt-1">{t.first.stopNeedsNetwork}</p>{/if}
	<form method="POST" action="{stop}?/lift" class="mt-3 flex flex-wrap gap-3" data-sveltekit-reload>
		<input type="hidden" name="signs" value={signs.join(',')} />
		{#if bodily.length > 0}
			<Button class="text-left" name="how" value="seen" disabled={isOffline.current}
				>{t.first.stopSeen}</Button
			>
		{/if}
		{#if isInDistress}
			<Button class="text-left" name="how" value="safe-now" disabled={isOffline.current}
				>{t.first.stopSafe}</Button
			>
		{/if}
		<Button class="text-left" formmethod="GET" formaction="{stop}/mistake" disabled={isOffline.current}
			>{t.first.stopSlip}</Button
		>
	</form>
	<p class="mt-2 text-note text-ink-soft">{t.first.stopNote}</p>
	<p class="mt-5">
		{t.first.stopStaysOpen}:
	</p>
	<ul class="mt-1 flex flex-wrap gap-x-5 gap-y-2">
		{#each always as [href, words] (href)}<li>
				<Button look="quiet" {href} data-sveltekit-reload>{words}</Button>
			</li>{/each}
	</ul>
</section>
