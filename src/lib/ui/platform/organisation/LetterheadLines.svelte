<script lang="ts">
	interface Props {
		/** The organisation; nothing is shown where it is not set. */
		letterhead: {
			readonly name: string;
			readonly address: readonly string[];
			readonly logo: { readonly widthPx: number; readonly heightPx: number } | null;
		};
	}

	let { letterhead }: Props = $props();

	/** Largest height of a logo on paper. */
	const MOST_PX = 32;
	const scale = $derived(letterhead.logo ? Math.min(1, MOST_PX / letterhead.logo.heightPx) : 1);
</script>

{#if letterhead.name !== ''}
	<p class="flex items-center gap-2 text-mark">
		{#if letterhead.logo}
			<img
				src="/logo"
				alt=""
				width={Math.round(letterhead.logo.widthPx * scale)}
				height={Math.round(letterhead.logo.heightPx * scale)}
			/>
		{/if}
		<span>
			<strong>{letterhead.name}</strong><br />{letterhead.address.join(', ')}
		</span>
	</p>
{/if}
