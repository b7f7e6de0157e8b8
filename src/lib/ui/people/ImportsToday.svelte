<script lang="ts">
	import type { KeptPerson } from '$lib/core/people/exchange/import-report';
	import { timeWords } from '$lib/messages/dates';
	import { refreshPage } from '../platform/kit/refresh-page';
	import Button from '../platform/kit/Button.svelte';
	import Notice from '../platform/kit/Notice.svelte';
	import FormError from '../cases/FormError.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		imports: readonly {
			readonly id: string;
			readonly at: Date;
			readonly by: string | null;
			readonly added: number;
			readonly changed: number;
			readonly moved: number;
			readonly undoneAt: Date | null;
		}[];
		timeZone: string;
		/** Called after one was undone. */
		onundone: () => void;
	}

	let { imports, timeZone, onundone }: Props = $props();

	interface Undone {
		readonly undone: number;
		readonly kept: readonly KeptPerson[];
	}

	let result = $state.raw<Undone | null>(null);
	let fault = $state<string | null>(null);
	let busy = $state('');

	async function undo(id: string) {
		[busy, fault, result] = [id, null, null];
		const response = await fetch('/desk/people/import', {
			method: 'DELETE',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ import: id })
		}).catch(() => null);
		const body: unknown = await response?.json().catch(() => null);
		if (response?.ok) {
			result = body as Undone;
			onundone();
		} else fault = (body as { message?: string } | null)?.message ?? deskWords.frame.notReached;
		await refreshPage();
		busy = '';
	}
</script>

<section class="mt-10">
	<h2 class="text-head">{texts.importsToday}</h2>
	<p class="max-w-prose text-note text-ink-soft">{texts.undoImportHint}</p>
	<ul class="mt-2 border-t border-ink">
		{#each imports as { id, at, by, added, changed, moved, undoneAt } (id)}
			<li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule py-2">
				<span
					>{texts.importLine({
						at: timeWords(at, timeZone),
						by: by ?? deskWords.versions.gone,
						added,
						changed,
						moved
					})}</span
				>
				{#if undoneAt}
					<span class="text-note text-ink-soft">{texts.importIsUndone}</span>
				{:else}
					<Button type="button" size="desk" isBusy={busy === id} onclick={() => void undo(id)}
						>{texts.undoImport}</Button
					>
				{/if}
			</li>
		{/each}
	</ul>
	<div role="status">
		{#if result}
			<div class="mt-3">
				<Notice kind="done">
					{texts.undoneImport(result.undone, result.kept.length)}
					{#if result.kept.length > 0}
						<ul class="mt-1 text-note">
							{#each result.kept as { personId, name, why } (personId)}
								<li><a href="/desk/cases/{personId}">{name}</a>: {texts.keptWhy[why]}</li>
							{/each}
						</ul>
					{/if}
				</Notice>
			</div>
		{/if}
	</div>
	<FormError {fault} />
</section>
