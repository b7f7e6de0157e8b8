<script lang="ts">
	import type { NonHeightCheck } from '$lib/core/plan/advice/non-height-checks';
	import { formatDegrees } from '$lib/core/body/length/format-degrees';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { GAZE_PUBLISHED_DEG } from '$lib/core/body/sight/gaze';
	import type { Catalogue } from '$lib/messages/shapes';

	interface Props {
		checks: readonly NonHeightCheck[];
		t: Catalogue;
		unit: LengthUnit;
	}

	let { checks, t, unit }: Props = $props();

	const written = ({ unit: counted }: NonHeightCheck, value: number): string => {
		if (counted === 'mm') return formatLength(value, unit, { locale: t.locale });
		return counted === 'degrees' ? formatDegrees(value) : `${value.toFixed(1)} mm`;
	};
	const good = (check: NonHeightCheck) =>
		check.high === null
			? t.otherChecks.good.from(written(check, check.low))
			: t.otherChecks.good.between(written(check, check.low), written(check, check.high));
</script>

{#if checks.length > 0}
	<section class="mt-6">
		<h2 class="text-lead">{t.otherChecks.title}</h2>
		<ul class="mt-2 border-t border-rule">
			{#each checks as check (check.id)}
				{@const last = check.after ?? check.now}
				<li class="border-b border-rule py-1.5">
					<p class="flex flex-wrap items-baseline justify-between gap-x-4">
						<span class="font-semibold">{t.otherChecks.names[check.id]}</span>
						<span>
							{#if check.after}
								<span class="num text-ink-soft">{written(check, check.now.value)}</span>
								<span aria-hidden="true">→</span><span class="sr-only">{t.otherChecks.after}</span>
							{/if}
							<span class="num" class:text-warm={last.verdict === 'off'}>{written(check, last.value)}</span>
							<span class="text-note" class:text-warm={last.verdict === 'off'}
								>{t.otherChecks[last.verdict]}</span
							>
						</span>
					</p>
					<p class="text-note text-ink-soft">
						{good(check)}.
						{#if check.id === 'gaze'}{t.otherChecks.published(
								formatDegrees(GAZE_PUBLISHED_DEG.low),
								formatDegrees(GAZE_PUBLISHED_DEG.high)
							)}
							{t.otherChecks.schools}{/if}
						{#if check.id === 'letters' && check.zoomPercent > 100}
							{t.otherChecks.lettersHow(`${check.wantedMm.toFixed(1)} mm`)}
							<span class="font-semibold text-ink">{t.otherChecks.zoom(check.zoomPercent)}</span>
						{/if}
					</p>
				</li>
			{/each}
		</ul>
	</section>
{/if}
