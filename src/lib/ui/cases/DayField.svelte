<script lang="ts">
	import DateField from '../platform/kit/DateField.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		id?: string;
		name: string;
		label: string;
		value?: string;
		least?: string;
		isRequired?: boolean;
		onchange?: (day: string) => void;
	}

	let { value = '', ...rest }: Props = $props();
</script>

<!-- A date in the desk's format. -->
<DateField
	{...rest}
	{value}
	size="desk"
	locale={deskCatalogue().dateLocale}
	words={{ open: texts.openCalendar, earlier: texts.earlierMonth, later: texts.laterMonth }}
/>
