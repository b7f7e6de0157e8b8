<script lang="ts">
	import { ACT_KEYS, aroundKey, type ActName } from './act-keys';

	interface Props {
		act: ActName;
		/** Whether its key acts here: only then is it marked. */
		isHere?: boolean;
		/** Within a sentence. */
		isLower?: boolean;
	}

	let { act, isHere = true, isLower = false }: Props = $props();

	const said = $derived({
		...ACT_KEYS[act],
		words: isLower ? ACT_KEYS[act].words.toLowerCase() : ACT_KEYS[act].words
	});
	const [before, letter, after] = $derived(aroundKey(said));
</script>

<!-- One piece of text: a button keeps its parts apart. -->
<span
	>{#if isHere}{before}<u>{letter}</u>{after}{:else}{said.words}{/if}</span
>

<style>
	u {
		text-decoration-thickness: 2px;
		text-underline-offset: 3px;
	}
</style>
