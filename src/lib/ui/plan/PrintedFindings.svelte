<script lang="ts">
	import { isHazard } from '$lib/core/checklist';
	import type { Catalogue } from '$lib/messages';
	import type { FindingLine } from '$lib/messages/advice/finding-lines';

	interface Props {
		findings: readonly FindingLine[];
		t: Catalogue;
	}

	/** On paper below the steps, to be ticked by hand; how to put it right is said of hazards alone, so that it stays one sheet. */
	let { findings, t }: Props = $props();
</script>

{#if findings.length > 0}
	<section>
		<h2 class="font-semibold">{t.open.besidesTitle}</h2>
		<ul>
			{#each findings as { finding, name, fixes } (finding)}
				<li>
					<span class="box" aria-hidden="true"></span>{name}{#if isHazard(finding) && fixes[0]}: {fixes[0]}{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}

<style>
	section {
		display: none;
	}
	@media print {
		section {
			display: block;
			clear: both;
			margin-top: 0.5rem;
			font-size: 9pt;
			line-height: 1.25;
		}
		ul {
			columns: 3;
			column-gap: 1rem;
		}
		li {
			break-inside: avoid;
		}
		.box {
			display: inline-block;
			width: 0.7em;
			height: 0.7em;
			margin-right: 0.4em;
			border: 1px solid var(--ink);
		}
	}
</style>
