<script lang="ts">
	import { page } from '$app/state';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import RecordPage from '$lib/ui/cases/inspection/RecordPage.svelte';
	import RoundRecord from '$lib/ui/cases/inspection/RoundRecord.svelte';

	let { data } = $props();
</script>

<RecordPage
	backHref={page.url.pathname.replace(/\/inspection$/, '')}
	backWords={deskWords.inspection.backToRound}
>
	<RoundRecord record={data.record} letterhead={data.letterhead} today={data.today} t={deskCatalogue()} />
</RecordPage>
