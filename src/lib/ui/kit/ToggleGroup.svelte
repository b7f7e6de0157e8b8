<script lang="ts">
	import { ToggleGroup } from 'bits-ui';

	interface Props {
		label: string;
		value: string;
		options: readonly { readonly value: string; readonly words: string }[];
		size?: 'desk' | 'hand';
		onchange: (value: string) => void;
	}

	let { label, value, options, size = 'hand', onchange }: Props = $props();
</script>

<ToggleGroup.Root
	type="single"
	{value}
	onValueChange={(chosen) => chosen && onchange(chosen)}
	aria-label={label}
	class="kit-toggles"
>
	{#each options as option (option.value)}
		<ToggleGroup.Item value={option.value} class="kit-toggle {size}">{option.words}</ToggleGroup.Item>
	{/each}
</ToggleGroup.Root>
