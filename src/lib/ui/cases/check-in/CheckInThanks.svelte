<script lang="ts">
	import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import type { CheckInRemark } from '$lib/core/cases/case-assessment/check-in-remarks';
	import type { Catalogue } from '$lib/messages/shapes';
	import { asideTextsFor } from '$lib/messages/aside';
	import Button from '../../platform/kit/Button.svelte';

	interface Props {
		token: string;
		/** What was just answered, and the pages to review because of it. */
		sent: {
			readonly undone: readonly string[];
			readonly news: readonly string[];
			readonly pages: readonly QuestionnairePage[];
			readonly remarks: readonly CheckInRemark[];
		};
		t: Catalogue;
	}

	let { token, sent, t }: Props = $props();

	const texts = $derived(asideTextsFor(t.locale).checkIn);
	const isWell = $derived(sent.remarks.length + sent.undone.length + sent.news.length === 0);
	/** Whom to see comes before everything else, and stands out. */
	const isGrave = (remark: CheckInRemark) => remark === 'see-today' || remark === 'see-professional';
	const query = $derived(`?only=${sent.pages.join('.')}`);
</script>

<h1 class="mt-6 text-title">{texts.doneTitle}</h1>
<p class="mt-2 text-lead">{texts.doneLead}</p>
{#each sent.remarks as remark (remark)}
	<p class="mt-3" class:grave={isGrave(remark)}>{texts.remarks[remark]}</p>
{/each}
{#if sent.undone.length > 0}<p class="mt-3">{texts.undoneNext}</p>{/if}
{#if sent.pages.length > 0}
	<p class="mt-3">{texts.newsNext}</p>
	<ul class="mt-2 grid gap-2">
		{#each sent.pages as page, i (page)}
			<li>
				<Button look={i === 0 ? 'main' : 'plain'} class="w-full text-start" href="/c/{token}/{page}{query}"
					>{texts.newsPage(t.pages[page].title)}</Button
				>
			</li>
		{/each}
	</ul>
{/if}
{#if sent.news.includes('other')}
	<p class="mt-4">
		{texts.otherNext} <a href="/c/{token}/messages">{t.messages.write}</a>
	</p>
{/if}
{#if isWell}<p class="mt-3">{texts.doneWell}</p>{/if}
<p class="mt-6">
	<Button look={sent.pages.length === 0 ? 'main' : 'plain'} href="/c/{token}/plan">{texts.plan}</Button>
</p>

<style>
	.grave {
		padding: 0.5rem 0.75rem;
		border-inline-start: 4px solid var(--warm);
		background: var(--warm-wash);
		font-weight: 600;
	}
</style>
