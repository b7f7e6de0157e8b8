<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { messagesFor } from '$lib/messages';
	import NeedsNetwork from '$lib/ui/platform/kit/NeedsNetwork.svelte';
	import { isOffline } from '$lib/ui/platform/kit/is-offline.svelte';
	import LazyHydrate from '$lib/ui/platform/lazy-hydrate/LazyHydrate.svelte';
	import { cacheForOffline, cachePage } from '$lib/ui/platform/lazy-hydrate/cache-for-offline';
	import { setRoom } from '$lib/ui/workstation/side-view/room';
	import { deviceStop } from '$lib/ui/cases/warning-signs/device-stop.svelte';
	import UrgentNotice from '$lib/ui/cases/warning-signs/UrgentNotice.svelte';
	import LanguageSwitch from '$lib/ui/platform/theme/LanguageSwitch.svelte';
	import TextSizeSwitch from '$lib/ui/platform/theme/TextSizeSwitch.svelte';
	import ThemeSwitch from '$lib/ui/platform/theme/ThemeSwitch.svelte';

	let { data, children } = $props();

	const t = $derived(messagesFor(data.locale));

	// These pages stay open and say so; on a stopped device everything else is the stop page.
	const OPEN = /\/(?:stop|stop\/mistake|messages|privacy|withdraw)$/;
	const stopping = $derived(deviceStop.signsOf(data.token));
	const isStopped = $derived(stopping.length > 0 && !OPEN.test(page.url.pathname));
	const isUrgent = $derived(data.urgent.signs.length > 0 || data.urgent.isWeak);

	// For each link opened: the workstations of a self-assessment have their own.
	$effect.pre(() => {
		const { token, servedAt, lifts } = data;
		untrack(() => deviceStop.open(token, servedAt, lifts));
	});
	setRoom(untrack(() => data.isPhone));
	/** A coordinator's device keeps nobody's pages. */
	const isOwnDevice = untrack(() => !data.byPhone?.caseHref);
	onMount(() => {
		if (isOwnDevice) void cacheForOffline();
	});
	afterNavigate(({ type, to }) => {
		if (isOwnDevice && type !== 'enter' && to) cachePage(to.url.pathname);
	});
</script>

<a class="skip" href="#content">{t.frame.skip}</a>
{#if isUrgent && !isStopped && !page.url.pathname.includes('/stop')}
	<UrgentNotice {...data.urgent} number={data.emergencyNumber} {t} isChecked={data.areSignsChecked} />
{/if}
{#if data.byPhone && (data.byPhone.caseHref || !data.isAnswered)}
	<p class="by-phone">
		{t.frame.byPhone(data.byPhone.name)}
		{#if data.byPhone.caseHref}<a href={data.byPhone.caseHref}>{t.frame.toCase}</a>{/if}
	</p>
{/if}
{#if isStopped}
	<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
		<p class="font-title text-body font-semibold">{t.product}</p>
		<!-- The number at once; the rest comes with the cached files. -->
		{#await import('$lib/ui/cases/warning-signs/StopPage.svelte')}
			{@render callNow()}
		{:then { default: StopPage }}
			<StopPage
				signs={stopping}
				number={data.emergencyNumber}
				crisisLine={data.crisisLine}
				cover={data.cover}
				token={data.token}
				isChecked={data.areSignsChecked}
				{t}
			/>
		{:catch}
			{@render callNow()}
		{/await}
	</main>
{/if}
<!-- Kept while it is closed: what was typed there is still to be sent. -->
<div hidden={isStopped}>{@render children()}</div>
<LazyHydrate shows={() => [page.url.pathname, page.url.search, data.theme, data.textSize, isOffline.current]}>
	<footer
		class="no-print mx-auto flex max-w-6xl flex-wrap justify-end gap-x-6 gap-y-2 px-5 pb-6 text-note md:px-8"
	>
		{#if !/\/(?:messages|stop)(?:\/|$)/.test(page.url.pathname)}
			<span class="me-auto flex flex-wrap items-center gap-x-6">
				<NeedsNetwork href="/c/{data.token}/messages" {t}>{t.messages.write}</NeedsNetwork>
				{#if data.hasConsent && !page.url.pathname.endsWith('/together')}
					<NeedsNetwork href="/c/{data.token}/together" {t}>{t.frame.together}</NeedsNetwork>
				{/if}
			</span>
		{/if}
		<LanguageSwitch token={data.token} {t} />
		<TextSizeSwitch size={data.textSize} {t} />
		<ThemeSwitch theme={data.theme} {t} />
	</footer>
</LazyHydrate>

{#snippet callNow()}
	<h1 class="mt-6 text-title text-warm">{t.first.stopTitle}</h1>
	<p class="mt-5"><a href="tel:{data.emergencyNumber}">{t.first.call(data.emergencyNumber)}</a></p>
	<p class="mt-2">{t.first.callElsewhere}</p>
{/snippet}

<style>
	.skip {
		position: absolute;
		inset-block-start: -100vh;
		inset-inline-start: 0.5rem;
		padding: 0.5rem 1rem;
		background: var(--ink);
		color: var(--sheet);
		z-index: 10;
	}
	.by-phone {
		padding: 0.375rem 1.25rem;
		background: var(--cool-wash);
		font-size: var(--text-note);
	}
	.skip:focus {
		inset-block-start: 0.5rem;
	}
</style>
