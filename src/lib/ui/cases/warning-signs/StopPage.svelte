<script lang="ts">
	import { phoneHref } from '../../platform/kit/phone-words';
	import type { EmployeeCover } from '$lib/core/platform/cover';
	import { isDistressFlag, type EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
	import { messagesFor } from '$lib/messages';
	import type { Catalogue } from '$lib/messages/shapes';
	import { stopTextsFor } from '$lib/messages/stop';
	import SignName from './SignName.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { isOffline } from '../../platform/kit/is-offline.svelte';

	interface Props {
		signs: readonly EmergencyRedFlag[];
		/** The number that brings an ambulance where the person lives. */
		number: string;
		/** The crisis line that the organisation has set for the country; null where there is none. */
		crisisLine: { readonly name: string; readonly phone: string } | null;
		/** What is set about reports that nobody opens, and about other hours. */
		cover: EmployeeCover;
		token: string;
		/** Whether the translation was reviewed: if not, the English text is below. */
		isChecked: boolean;
		t: Catalogue;
	}

	let { signs, number, crisisLine, cover, token, isChecked, t }: Props = $props();

	const texts = $derived(stopTextsFor(t.locale));
	const english = messagesFor();
	const englishStop = stopTextsFor(english.locale);
	const bodily = $derived(signs.filter((sign) => !isDistressFlag(sign)));
	const isInDistress = $derived(signs.some(isDistressFlag));
	const stop = $derived(`/c/${token}/stop`);
	const always = $derived([
		[`/c/${token}/messages`, texts.write],
		[`/c/${token}/privacy`, texts.privacy],
		[`/c/${token}/take-along`, texts.download],
		[`/c/${token}/withdraw`, texts.withdraw]
	]);
</script>

{#snippet told()}
	{#if cover.minutes !== null}<p class="mt-2 text-ink-soft">{texts.deputyTold(cover.minutes)}</p>{/if}
	{#if cover.outOfHours}
		<p class="mt-2 text-ink-soft">{texts.outOfHours} <span class="text-ink">{cover.outOfHours}</span></p>
	{/if}
{/snippet}

{#if bodily.length > 0}
	<div class="mt-6 border-s-8 border-warm bg-warm-wash px-5 py-5" role="alert">
		<h1 class="text-title text-warm">{t.first.stopTitle}</h1>
		<p class="mt-3">{texts.lead}</p>
		<ul class="mt-1 list-disc ps-5 font-semibold">
			{#each bodily as sign (sign)}<li><SignName {sign} {isChecked} {t} /></li>{/each}
		</ul>
		<p class="mt-5">
			<Button look="main" size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
		</p>
		<p class="mt-2 text-note">{t.first.callElsewhere}</p>
	</div>
	<ol class="mt-6 list-decimal space-y-2 ps-5 text-lead">
		{#each texts.do as line (line)}<li>{line}</li>{/each}
	</ol>
	<p class="mt-6 text-ink-soft">{texts.reportReceived}</p>
	{@render told()}
	{#if !isChecked}
		<div lang="en" class="mt-6 border-t border-rule pt-4 text-note">
			<p class="font-semibold">{english.first.stopTitle} {english.first.call(number)}.</p>
			<ol class="mt-2 list-decimal space-y-1 ps-5">
				{#each englishStop.do as line (line)}<li>{line}</li>{/each}
			</ol>
		</div>
	{/if}
{/if}
{#if isInDistress}
	<section class="mt-6 border-s-8 border-ink bg-sheet px-5 py-5" role="alert" aria-labelledby="distress">
		<svelte:element this={bodily.length > 0 ? 'h2' : 'h1'} id="distress" class="text-title"
			>{texts.distressTitle}</svelte:element
		>
		<p class="mt-3 text-lead">{texts.distressLead}</p>
		<div class="mt-5 grid gap-3">
			{#if crisisLine}
				<Button look="main" size="thumb" class="w-full" href={phoneHref(crisisLine.phone)}
					>{crisisLine.name}: {crisisLine.phone}</Button
				>
				<Button size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
			{:else}
				<p>{texts.distressNoLine(number)}</p>
				<Button look="main" size="thumb" class="w-full" href="tel:{number}">{t.first.call(number)}</Button>
			{/if}
		</div>
		<p class="mt-2 text-note">{t.first.callElsewhere}</p>
		<ul class="mt-5 list-disc space-y-2 ps-5">
			{#each texts.distressDo as line (line)}<li>{line}</li>{/each}
		</ul>
		<p class="mt-5 text-ink-soft">{texts.distressTold}</p>
		{#if bodily.length === 0}{@render told()}{/if}
		{#if !isChecked}
			<div lang="en" class="mt-5 border-t border-rule pt-4 text-note">
				<p class="font-semibold">{englishStop.distressTitle}</p>
				<p class="mt-1">{englishStop.distressLead}</p>
				<ul class="mt-2 list-disc space-y-1 ps-5">
					{#each englishStop.distressDo as line (line)}<li>{line}</li>{/each}
				</ul>
			</div>
		{/if}
	</section>
{/if}

<section class="mt-8 border-t border-rule pt-5" aria-labelledby="open-again">
	<h2 id="open-again" class="text-lead">{texts.openAgain}</h2>
	{#if isOffline.current}<p class="mt-1">{texts.needsNetwork}</p>{/if}
	<form method="POST" action="{stop}?/lift" class="mt-3 flex flex-wrap gap-3" data-sveltekit-reload>
		<input type="hidden" name="signs" value={signs.join(',')} />
		{#if bodily.length > 0}
			<Button class="text-start" name="how" value="seen" disabled={isOffline.current}>{texts.seen}</Button>
		{/if}
		{#if isInDistress}
			<Button class="text-start" name="how" value="safe-now" disabled={isOffline.current}>{texts.safe}</Button
			>
		{/if}
		<Button class="text-start" formmethod="GET" formaction="{stop}/mistake" disabled={isOffline.current}
			>{texts.slip}</Button
		>
	</form>
	<p class="mt-2 text-note text-ink-soft">{texts.note}</p>
	<h2 class="mt-6 text-lead">{texts.staysOpen}</h2>
	<ul class="mt-1 flex flex-wrap gap-x-5">
		{#each always as [href, words] (href)}<li>
				<Button look="quiet" {href} data-sveltekit-reload>{words}</Button>
			</li>{/each}
	</ul>
</section>
