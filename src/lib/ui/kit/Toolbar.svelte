<script lang="ts">
	import { Toolbar } from 'bits-ui';

	interface Props {
		label: string;
		acts: readonly { readonly id: string; readonly words: string; readonly isOff?: boolean }[];
		onchoose: (id: string) => void;
	}

	let { label, acts, onchoose }: Props = $props();
</script>

<Toolbar.Root aria-label={label} class="kit-toolbar">
	{#each acts as act (act.id)}
		<Toolbar.Button class="kit-toggle desk" disabled={act.isOff ?? false} onclick={() => onchoose(act.id)}
			>{act.words}</Toolbar.Button
		>
	{/each}
</Toolbar.Root>
