<script lang="ts">
	import { deviceField, DEVICES_AT_HOME } from '$lib/core/questionnaire/answers/device-answers';
	import type { Catalogue } from '$lib/messages/shapes';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import type { Draft } from './draft.svelte';

	let { draft, t }: { draft: Draft; t: Catalogue } = $props();
</script>

<!-- What lies in a drawer helps more than what is bought: an old keyboard and mouse fix most laptops. -->
<fieldset class="mt-5 min-w-0">
	<legend class="font-semibold">{t.things.devices}</legend>
	<div class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(min(10rem,100%),1fr))] gap-2">
		{#each DEVICES_AT_HOME as device (device)}
			{@const field = deviceField(device)}
			<CheckBox
				name={field}
				words={t.things.deviceNames[device]}
				look="row"
				offValue="no"
				isChecked={draft.answers[field] === 'yes'}
				onchange={(isTicked) => draft.set(field, isTicked ? 'yes' : 'no')}
			/>
		{/each}
	</div>
</fieldset>
