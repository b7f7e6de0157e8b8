<script lang="ts">
	import { PAGES } from '$lib/core/answers';
	import type { Catalogue } from '$lib/messages';

	interface Props {
		token: string;
		t: Catalogue;
	}

	let { token, t }: Props = $props();
</script>

<p class="no-print mt-8 flex flex-wrap gap-x-6 gap-y-3 border-t border-rule pt-4 text-note">
	<a href="/c/{token}/{PAGES[2]}">{t.plan.correct}</a>
	<a href="/c/{token}/messages">{t.messages.link}</a>
	<a href="/c/{token}/take-along" download>{t.plan.takeAlong}</a>
	<button type="button" class="link-button needs-js" onclick={() => window.print()}>{t.plan.print}</button>
	<a href="/c/{token}/withdraw">{t.plan.withdraw}</a>
</p>
