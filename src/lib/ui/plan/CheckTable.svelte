<script lang="ts">
	import type { CheckResult } from '$lib/core/checks';
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import { checkWords } from '../gap-mark/check-words';
	import GapMark from '../gap-mark/GapMark.svelte';

	interface Props {
		title: string;
		checks: readonly CheckResult[];
		/** The same checks as they were, drawn faintly into the marks. */
		before?: readonly CheckResult[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { title, checks, before = [], t, unit }: Props = $props();
</script>

<table class="w-full text-note">
	<caption class="pb-1 text-left font-semibold text-ink">{title}</caption>
	<tbody>
		{#each checks as check (check.id)}
			<tr class="border-t border-rule">
				<th scope="row" class="w-32 py-1.5 pr-2 text-left font-semibold">{t.checks.names[check.id]}</th>
				<td class="w-32 py-1.5"><GapMark {check} before={before.find((b) => b.id === check.id)} {t} {unit} /></td>
				<td class="py-1.5 pl-2">{checkWords(check, t, unit)}</td>
			</tr>
		{/each}
	</tbody>
</table>
