<script lang="ts">
	import { messagesFor } from '$lib/messages';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import StopPage from '$lib/ui/cases/warning-signs/StopPage.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
</script>

<svelte:head><title>{t.first.stopTitle} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	{#if form && 'fault' in form && form.fault}
		<Notice kind="caution" role="alert"><p>{form.fault.message}</p></Notice>
	{/if}
	<StopPage
		isChecked={data.areSignsChecked}
		signs={data.signs}
		number={data.emergencyNumber}
		crisisLine={data.crisisLine}
		cover={data.cover}
		token={data.token}
		{t}
	/>
</main>
