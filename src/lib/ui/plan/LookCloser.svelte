<script lang="ts">
	import type { SkippedQuestions } from '$lib/core/questionnaire/skipped-questions';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';

	interface Props {
		closer: readonly SkippedQuestions[];
		token: string;
		t: Catalogue;
	}

	let { closer, token, t }: Props = $props();
</script>

{#if closer.length > 0}
	<div class="no-print mt-6">
		<Disclosure words={t.closer.title}>
			<p class="text-ink-soft">{t.closer.lead}</p>
			<ul>
				{#each closer as { page, minutes } (page)}
					<li>
						<Button look="quiet" href="/c/{token}/{page}?only={page}&closer"
							>{t.closer.line(t.pages[page].title, minutes)}</Button
						>
					</li>
				{/each}
			</ul>
		</Disclosure>
	</div>
{/if}
