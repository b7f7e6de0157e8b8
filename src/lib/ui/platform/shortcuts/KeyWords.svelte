<script lang="ts">
	import { ACT_KEYS, aroundKey, type ActName } from './act-keys';

	interface Props {
		act: ActName;
		/** Whether its shortcut works here: only then is it marked. */
		isHere?: boolean;
	}

	let { act, isHere = true }: Props = $props();

	const said = $derived(ACT_KEYS[act]);
	const [before, letter, after] = $derived(aroundKey(said));
</script>

<!-- One text: a button would keep parts apart. -->
<span
	>{#if isHere && letter}{before}<u>{letter}</u>{after}{:else}{said.words}{#if isHere}<kbd aria-hidden="true"
				>{said.key}</kbd
			>{/if}{/if}</span
>

<style>
	u {
		text-decoration-thickness: 2px;
		text-underline-offset: 3px;
	}
	kbd {
		margin-inline-start: 0.4em;
		padding: 0 0.35em;
		border: 1px solid currentcolor;
		border-radius: 3px;
		font-size: 0.8em;
		text-transform: uppercase;
	}
</style>
