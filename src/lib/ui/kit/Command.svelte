<script lang="ts">
	import { Command } from 'bits-ui';

	interface Props {
		label: string;
		items: readonly { readonly id: string; readonly words: string }[];
		noneWords: string;
		onchoose: (id: string) => void;
	}

	let { label, items, noneWords, onchoose }: Props = $props();
</script>

<Command.Root {label} class="kit-command">
	<Command.Input class="kit-input hand" placeholder={label} />
	<Command.List class="kit-scroll">
		<Command.Viewport>
			<Command.Empty class="px-3 py-2 text-ink-soft">{noneWords}</Command.Empty>
			{#each items as item (item.id)}
				<Command.Item value={item.words} class="kit-item" onSelect={() => onchoose(item.id)}
					>{item.words}</Command.Item
				>
			{/each}
		</Command.Viewport>
	</Command.List>
</Command.Root>
