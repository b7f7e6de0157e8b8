<script lang="ts">
	import { QUESTIONNAIRE_PAGES } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import NeedsNetwork from '../platform/kit/NeedsNetwork.svelte';

	interface Props {
		token: string;
		hasEyeTest: boolean;
		t: Catalogue;
	}

	let { token, hasEyeTest, t }: Props = $props();
</script>

<p class="no-print mt-8 flex flex-wrap items-center gap-x-6 gap-y-1 border-t border-rule pt-4 text-note">
	<Button look="quiet" href="/c/{token}/{QUESTIONNAIRE_PAGES[2]}">{t.plan.correct}</Button>
	<NeedsNetwork href="/c/{token}/messages" {t}>{t.messages.link}</NeedsNetwork>
	<NeedsNetwork href="/c/{token}/equipment" {t}
		>{hasEyeTest ? t.messages.equipmentAndTest : t.messages.equipment}</NeedsNetwork
	>
	<NeedsNetwork href="/c/{token}/take-along" isDownload {t}>{t.plan.takeAlong}</NeedsNetwork>
	<Button type="button" look="quiet" class="needs-js" onclick={() => window.print()}>{t.plan.print}</Button>
	<NeedsNetwork href="/c/{token}/withdraw" {t}>{t.plan.withdraw}</NeedsNetwork>
</p>
