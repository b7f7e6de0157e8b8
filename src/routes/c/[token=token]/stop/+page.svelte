<script lang="ts">
	import { PAGES } from '$lib/core/answers';
	import { messagesFor } from '$lib/messages';
	import Button from '$lib/ui/kit/Button.svelte';
	import EmergencyStop from '$lib/ui/walk/EmergencyStop.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
</script>

<svelte:head><title>{t.first.stopTitle} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	<EmergencyStop signs={data.signs} number={data.number} {t} />
	<p class="mt-8 flex flex-wrap gap-3">
		<Button class="text-left" href="/c/{data.token}/{PAGES[0]}">{t.first.stopSlip}</Button>
		<Button class="text-left" href="/c/{data.token}/{PAGES[1]}">{t.first.stopLater}</Button>
	</p>
	<p class="mt-2 text-note text-ink-soft">{t.first.stopSlipNote}</p>
</main>
