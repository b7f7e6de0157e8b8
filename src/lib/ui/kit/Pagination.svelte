<script lang="ts">
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import { Pagination } from 'bits-ui';

	interface Props {
		label: string;
		count: number;
		perPage: number;
		page: number;
		backWords: string;
		nextWords: string;
		onchange: (page: number) => void;
	}

	let { label, count, perPage, page, backWords, nextWords, onchange }: Props = $props();
</script>

<Pagination.Root {count} {perPage} {page} onPageChange={onchange} aria-label={label} class="kit-pages">
	{#snippet children({ pages, currentPage })}
		<Pagination.PrevButton class="kit-button plain desk icon" aria-label={backWords}
			><ChevronLeft size={18} aria-hidden="true" /></Pagination.PrevButton
		>
		{#each pages as one (one.key)}
			{#if one.type === 'ellipsis'}<span>…</span>
			{:else}<Pagination.Page
					page={one}
					class="kit-toggle desk"
					aria-current={one.value === currentPage ? 'page' : undefined}>{one.value}</Pagination.Page
				>{/if}
		{/each}
		<Pagination.NextButton class="kit-button plain desk icon" aria-label={nextWords}
			><ChevronRight size={18} aria-hidden="true" /></Pagination.NextButton
		>
	{/snippet}
</Pagination.Root>
