<script lang="ts">
	import { page } from '$app/state';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import InspectionRecord from '$lib/ui/cases/inspection/InspectionRecord.svelte';
	import RecordPage from '$lib/ui/cases/inspection/RecordPage.svelte';

	let { data } = $props();
</script>

<RecordPage backHref={page.url.pathname.replace(/\/inspection$/, '')} backWords={deskWords.cases.backToCase}>
	<InspectionRecord
		record={data.record}
		letterhead={data.letterhead}
		today={data.today}
		t={deskCatalogue()}
		unit={data.unit}
	/>
</RecordPage>
