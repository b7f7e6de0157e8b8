<script lang="ts">
	import { drawPose } from '$lib/core/breaks/drawing';
	import { interpolatePose } from '$lib/core/breaks/skeleton';
	import { poseOf } from '$lib/core/breaks/poses';
	import type { ExerciseId, PhaseId, ExerciseSide } from '$lib/core/breaks/exercise';
	import { onMount } from 'svelte';

	interface Props {
		exercise: ExerciseId;
		phase: PhaseId;
		side: ExerciseSide;
		/** Whether they sit in a wheelchair. */
		isInWheelchair: boolean;
		/** What the drawing shows, for screen readers. */
		label: string;
	}

	let { exercise, phase, side, isInWheelchair, label }: Props = $props();

	/** Stature of the figure, mm: average; nothing is measured from it. */
	const STATURE_MM = 1700;
	/** Duration of the transition between phases, ms. */
	const WAY_MS = 700;

	const wanted = $derived(poseOf(exercise, phase, side));
	let from = $state.raw(poseOf('far-look', 'hold', null));
	let share = $state(1);
	let isStill = true;

	onMount(() => {
		isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;
	});

	let last: { exercise: ExerciseId; side: ExerciseSide; pose: ReturnType<typeof poseOf> } | null = null;
	$effect(() => {
		const now = { exercise, side, pose: wanted };
		const isOnTheWay = !isStill && last?.exercise === exercise && last.side === side && last.pose !== wanted;
		const before = last;
		last = now;
		if (!isOnTheWay || !before) {
			share = 1;
			return;
		}
		from = before.pose;
		const began = performance.now();
		let frame = requestAnimationFrame(function step(at) {
			share = Math.min(1, (at - began) / WAY_MS);
			if (share < 1) frame = requestAnimationFrame(step);
		});
		return () => cancelAnimationFrame(frame);
	});

	const drawing = $derived(
		drawPose(exercise, share < 1 ? interpolatePose(from, wanted, share) : wanted, STATURE_MM, isInWheelchair)
	);
	// The frame is that of the phase, so that it stays still while the figure moves.
	const bounds = $derived.by(() => {
		const still = drawPose(exercise, wanted, STATURE_MM, isInWheelchair);
		const all = [...still.layers.flat(), ...still.props.map(({ points }) => ({ outline: points }))].flatMap(
			({ outline }) => outline
		);
		const [left, right] = [Math.min(...all.map(({ x }) => x)), Math.max(...all.map(({ x }) => x))];
		const high = Math.max(...all.map(({ y }) => y), 1500);
		const wide = Math.max(right - left + 160, 1500);
		return { x: (left + right) / 2 - wide / 2, y: -high - 60, wide, high: high + 110 };
	});
	const path = (points: readonly { readonly x: number; readonly y: number }[], isClosed: boolean) =>
		points.map(({ x, y }, i) => `${i ? 'L' : 'M'}${x.toFixed(0)} ${(-y).toFixed(0)}`).join('') +
		(isClosed ? 'Z' : '');
</script>

<svg viewBox="{bounds.x} {bounds.y} {bounds.wide} {bounds.high}" role="img" aria-label={label}>
	<line class="floor" x1={bounds.x} x2={bounds.x + bounds.wide} y1="0" y2="0" />
	{#each drawing.props as line, i (i)}
		<path class="prop" class:dotted={line.isDotted} d={path(line.points, false)} />
	{/each}
	{#if drawing.isHairBehind}<path class="hair" d={path(drawing.hair.outline, true)} />{/if}
	{#each drawing.layers as layer, i (i)}
		{#each layer as blob, j (j)}<path class="line" d={path(blob.outline, true)} />{/each}
		{#each layer as blob, j (j)}<path class="body" d={path(blob.outline, true)} />{/each}
	{/each}
	{#if !drawing.isHairBehind}<path class="hair" d={path(drawing.hair.outline, true)} />{/if}
	{#each drawing.eyes as eye, i (i)}<circle class="eye" cx={eye.x} cy={-eye.y} r="9" />{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
	}
	.floor {
		stroke: var(--rule);
		stroke-width: 6;
	}
	.prop {
		fill: none;
		stroke: var(--wood-edge);
		stroke-width: 11;
		stroke-linejoin: round;
		stroke-linecap: round;
	}
	.dotted {
		stroke: var(--cool);
		stroke-dasharray: 2 26;
	}
	.line {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 15;
		stroke-linejoin: round;
	}
	.body {
		fill: color-mix(in oklab, var(--ink) 6%, var(--sheet));
	}
	.hair {
		fill: color-mix(in oklab, var(--ink) 55%, var(--sheet));
		stroke: var(--ink);
		stroke-width: 7;
	}
	.eye {
		fill: var(--ink);
	}
	@media (forced-colors: active) {
		.body,
		.hair {
			fill: Canvas;
		}
		.line,
		.eye {
			fill: CanvasText;
			stroke: CanvasText;
		}
	}
</style>
