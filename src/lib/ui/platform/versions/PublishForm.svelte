<script lang="ts">
	import type { Snippet } from 'svelte';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../kit/Button.svelte';
	import { enhanceForm } from '../kit/enhance-form';
	import PublishActs from './PublishActs.svelte';
	import WouldChange from './WouldChange.svelte';

	const texts = deskWords.policy;

	interface Props {
		draft: {
			readonly isSame: boolean;
			readonly isSeen: boolean;
			readonly seen: unknown;
			previewed(seen: never): void;
			published(notice: string): void;
		};
		version: number;
		published: (version: string) => string;
		preview: Snippet;
		children: Snippet;
	}

	let { draft, version, published, preview, children }: Props = $props();

	let note = $state('');
	const form = new CaseForm((result) => {
		if ('published' in result) {
			note = '';
			draft.published(published(texts.version(Number(result.published))));
		} else draft.previewed(result as never);
	});
	const canPublish = $derived(draft.isSeen && !draft.isSame);
</script>

<form method="POST" action="?/preview" use:enhanceForm={form.submit}>
	<input type="hidden" name="seen" value={version} />
	{@render children()}
	<FormError fault={form.fault} />
	{#if draft.seen}
		<WouldChange>{@render preview()}</WouldChange>
	{/if}
	<PublishActs {canPublish} bind:note isBusy={form.isBusy}>
		{#if !canPublish}
			<Button look="main" size="desk" isBusy={form.isBusy} disabled={draft.isSame}>{texts.preview}</Button>
			<p class="text-note text-ink-soft">
				{draft.isSame ? texts.nothingDiffers : draft.seen ? texts.previewOutdated : texts.previewFirst}
			</p>
		{/if}
	</PublishActs>
</form>
