<script lang="ts">
	import type { LookAgreement } from '$lib/core/workforce/look-agreement';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { decimalNumber, peopleWords } from '$lib/messages/desk/workforce-words';
	import ShareFigure from './ShareFigure.svelte';

	const texts = deskWords.workforce;

	let { looks }: { looks: LookAgreement } = $props();

	const number = (of: number) => decimalNumber(of, 2);
</script>

<ShareFigure
	title={texts.looksTitle}
	count={[
		texts.lookedAt(peopleWords(looks.people)),
		looks.kappa === null
			? texts.noKappa
			: texts.kappa(
					number(looks.kappa.value),
					deskWords.effect.interval(number(looks.kappa.low), number(looks.kappa.high))
				)
	].join(' ')}
	note={texts.looksScope}
	axis={texts.shareAgreed}
	of={texts.heightHead}
	rows={looks.checks.map(({ check, figure }) => ({
		key: check,
		words: deskCatalogue().checks.names[check],
		figure
	}))}
/>
