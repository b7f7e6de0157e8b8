<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** The first action and step: what a phone shows first. */
		lead: Snippet;
		drawing: Snippet;
		/** The steps and everything after them. */
		rest: Snippet;
		/** What is not about heights. */
		beside: Snippet;
	}

	let { lead, drawing, rest, beside }: Props = $props();
</script>

<main id="content" class="layout">
	<div class="lead min-w-0">{@render lead()}</div>
	<div class="drawing min-w-0">{@render drawing()}</div>
	<section class="rest min-w-0">{@render rest()}</section>
	<div class="beside no-print min-w-0">{@render beside()}</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 1.75rem;
		margin-top: 1rem;
	}
	/* On a laptop the drawing stands beside what it says, and what is not about heights below it. */
	@media (min-width: 60rem) {
		.layout {
			grid-template: auto auto auto 1fr / minmax(0, 1.15fr) minmax(0, 1fr);
			align-items: start;
			row-gap: 0;
		}
		.lead {
			grid-area: 1 / 2;
		}
		.drawing {
			grid-area: 1 / 1 / span 2;
		}
		.rest {
			grid-area: 2 / 2 / span 3;
		}
		.beside {
			grid-area: 3 / 1 / span 2;
			margin-top: 1.75rem;
		}
	}
	/* One sheet of A4: the drawing beside what it says, the steps in two columns below. */
	@media print {
		.layout {
			grid-template: auto auto / 8.4cm 1fr;
			gap: 0.3cm 0.6cm;
		}
		.lead {
			grid-area: 1 / 2;
		}
		.drawing {
			grid-area: 1 / 1;
		}
		.rest {
			grid-area: 2 / 1 / auto / span 2;
		}
	}
</style>
