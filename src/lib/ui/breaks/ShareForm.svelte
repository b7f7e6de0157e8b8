<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Button from '../platform/kit/Button.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';

	let { isShared, texts }: { isShared: boolean; texts: BreakTexts } = $props();
</script>

<section class="border-t border-rule pt-4">
	<h2 class="text-lead font-semibold">{texts.day.shareTitle}</h2>
	<p class="mt-1">{texts.day.shareLead}</p>
	<form method="POST" action="?/share" use:enhanceForm class="mt-2">
		<input type="hidden" name="shared" value={isShared ? 'no' : 'yes'} />
		{#if isShared}<p class="mb-2 font-semibold" role="status">{texts.day.isShared}</p>{/if}
		<Button disabled={isOffline.current}>{isShared ? texts.day.shareNo : texts.day.shareYes}</Button>
	</form>
</section>
