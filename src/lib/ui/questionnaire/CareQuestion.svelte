<script lang="ts">
	import { precautionField, hasPrecautions } from '$lib/core/questionnaire/answers/precaution-answers';
	import { chosenOption } from '$lib/core/questionnaire/answers/fields';
	import { WORKING_ARMS, PRECAUTIONS } from '$lib/core/workstation/corner/vocabulary';
	import type { Catalogue } from '$lib/messages/shapes';
	import { untrack } from 'svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import type { Draft } from './draft.svelte';

	let { draft, t }: { draft: Draft; t: Catalogue } = $props();

	const arms = $derived(chosenOption(draft.answers, 'arms'));
	const ONE_ARM = WORKING_ARMS.filter((one) => one !== 'both');
	/** Open where something was reported, so that it is not hidden again. */
	const isOpen = untrack(() => hasPrecautions(draft.answers));
</script>

<!-- Optional, in a fold whose title says all of it: people with nothing to report read one line. -->
<Disclosure words={t.care.question} {isOpen}>
	<fieldset>
		<legend class="text-note text-ink-soft">{t.care.why}</legend>
		<div class="mt-2 grid grid-cols-2 gap-2">
			{#each PRECAUTIONS as care (care)}
				<CheckBox
					name={precautionField(care)}
					words={t.care.options[care]}
					look="row"
					offValue="no"
					isChecked={draft.answers[precautionField(care)] === 'yes'}
					onchange={(isTicked) => draft.set(precautionField(care), isTicked ? 'yes' : 'no')}
				/>
			{/each}
			{#each ONE_ARM as one (one)}
				<CheckBox
					name="arms"
					value={one}
					words={t.care.arms[one]}
					look="row"
					isChecked={arms === one}
					onchange={(isTicked) => draft.set('arms', isTicked ? one : 'both')}
				/>
			{/each}
		</div>
	</fieldset>
</Disclosure>
