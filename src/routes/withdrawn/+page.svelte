<script lang="ts">
	import { onMount } from 'svelte';
	import { messagesFor } from '$lib/messages';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import { clearDeviceAnswers } from '$lib/ui/questionnaire/stored-answers';

	const t = messagesFor();

	// What is withdrawn must not lie on the device either.
	onMount(() => void clearDeviceAnswers(deviceStorage()));
</script>

<svelte:head><title>{t.withdraw.doneTitle} · {t.product}</title></svelte:head>

<main class="mx-auto max-w-xl px-5 py-16">
	<h1 class="text-title">{t.withdraw.doneTitle}</h1>
	<p class="mt-3 text-lead">{t.withdraw.doneLead}</p>
</main>
