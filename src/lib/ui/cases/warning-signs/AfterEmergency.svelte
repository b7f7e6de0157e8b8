<script lang="ts">
	import type { EmergencyClearance } from '$lib/core/cases/discomfort/red-flags';
	import type { Catalogue } from '$lib/messages/shapes';
	import { stopTextsFor } from '$lib/messages/stop';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import Button from '../../platform/kit/Button.svelte';
	import Notice from '../../platform/kit/Notice.svelte';

	interface Props {
		name: string;
		emergency: { readonly on: string; readonly how: EmergencyClearance | null };
		/** The emergency number where the person is. */
		number: string;
		/** The day until which they are left alone, once they asked for it. */
		restUntil: string | null;
		t: Catalogue;
	}

	let { name, emergency, number, restUntil, t }: Props = $props();

	const texts = $derived(stopTextsFor(t.locale).after);
	const day = (iso: string) => t.dates.day(new Date(`${iso}T00:00:00Z`));
</script>

<!-- Instead of the usual greeting: what happened, what to do if it comes back, and that there is no hurry. -->
<h1 class="mt-6 text-title">{texts.title(name)}</h1>
<Notice>
	<p>{texts.happened(day(emergency.on))} {texts.how[emergency.how ?? 'outcome']}</p>
	<p class="mt-2 font-semibold">{texts.ifAgain(number)}</p>
	<p class="mt-2">{texts.noHurry}</p>
	{#if restUntil}
		<p class="mt-3 font-semibold" role="status">{texts.rested(day(restUntil))}</p>
	{:else}
		<form method="POST" action="?/rest" use:enhanceForm class="mt-3">
			<Button>{texts.another}</Button>
		</form>
	{/if}
</Notice>
