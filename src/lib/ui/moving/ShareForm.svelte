<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import { isOffline } from '../kit/is-offline.svelte';

	let { isShared, t }: { isShared: boolean; t: Catalogue } = $props();
</script>

<section class="border-t border-rule pt-4">
	<h2 class="text-lead font-semibold">{t.moving.day.shareTitle}</h2>
	<p class="mt-1">{t.moving.day.shareLead}</p>
	<form method="POST" action="?/share" use:enhance class="mt-2">
		<input type="hidden" name="shared" value={isShared ? 'no' : 'yes'} />
		{#if isShared}<p class="mb-2 font-semibold" role="status">{t.moving.day.isShared}</p>{/if}
		<Button disabled={isOffline.current}>{isShared ? t.moving.day.shareNo : t.moving.day.shareYes}</Button>
	</form>
</section>
