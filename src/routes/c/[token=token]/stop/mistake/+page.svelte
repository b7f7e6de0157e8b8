<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import SignName from '$lib/ui/cases/warning-signs/SignName.svelte';
	import { stopTextsFor } from '$lib/messages/stop';
	import Button from '$lib/ui/platform/kit/Button.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(stopTextsFor(data.locale));
	const stop = $derived(`/c/${data.token}/stop`);
</script>

<svelte:head><title>{texts.mistakeTitle} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	<h1 class="mt-6 text-title">{texts.mistakeTitle}</h1>
	<p class="mt-3">{texts.mistakeLead}</p>
	<ul class="mt-1 list-disc ps-5 text-lead font-semibold">
		{#each data.signs as sign (sign)}<li><SignName {sign} isChecked={data.areSignsChecked} {t} /></li>{/each}
	</ul>
	<form method="POST" action="{stop}?/lift" class="mt-8 grid gap-3" data-sveltekit-reload>
		<input type="hidden" name="signs" value={data.signs.join(',')} />
		<Button look="main" size="thumb" class="w-full" href={stop}>{texts.mistakeNo}</Button>
		<Button size="thumb" class="w-full" name="how" value="mistake">{texts.mistakeYes}</Button>
	</form>
	<p class="mt-3 text-note text-ink-soft">{texts.note}</p>
</main>
