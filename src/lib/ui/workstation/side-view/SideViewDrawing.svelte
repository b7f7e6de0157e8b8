<script lang="ts">
	import { untrack } from 'svelte';
	import { prefersReducedMotion, Tween } from 'svelte/motion';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { DrawnDimension } from '$lib/core/workstation/side-view/drawn-dimension';
	import type { SideView } from '$lib/core/workstation/side-view/side-view';
	import type { Catalogue } from '$lib/messages/shapes';
	import { railTicks } from '../rail/rail-ticks';
	import { frameFor } from './frame';
	import { LINE_PX, labelRoom } from './free-place';
	import { gapLabels, zoneShapes } from './gap-labels';
	import { levelLabels } from './level-labels';
	import { mixSection } from './mix-section';
	import { numberedPieces, pieceLabelRoom, pieceLabels } from './piece-labels';
	import { pieceShape } from './piece-shape';
	import { usualRoom } from './room';
	import { sectionWords } from './section-words';
	import './side-view-drawing.css';
	import { smoothPath } from './smooth-path';

	interface Props {
		section: SideView;
		/** All side views it may change to: they share one scale. */
		all: readonly SideView[];
		t: Catalogue;
		unit: LengthUnit;
		mostHeight?: number;
		/** Follows at once instead of moving: where lengths change while they are typed. */
		isLive?: boolean;
		/** The length being asked about, with its label: drawn with arrows, in a close-up. */
		dimension?: (DrawnDimension & { readonly label: string }) | null;
		/** The same person in a photo: lines in mm forward from the hip and up from the floor, drawn over the figure. */
		photo?: readonly (readonly { readonly x: number; readonly y: number }[])[];
		/** As high as its container: the rest is cut off. */
		fills?: boolean;
	}

	let {
		section,
		all,
		t,
		unit,
		mostHeight = 640,
		isLive = false,
		dimension = null,
		photo = [],
		fills = false
	}: Props = $props();

	/** A drawing lower than this is small, px; a close-up of a short length is narrower than this, mm. */
	const NEAR_BELOW_PX = 420;
	const NEAR_MM = 400;

	const usual = usualRoom();
	let roomPx = $state(untrack(() => (fills ? usual.filled.width : usual.width)));
	const tween = new Tween(
		untrack(() => section),
		{
			duration: 700,
			easing: (u) => 1 - (1 - u) ** 3,
			interpolate: (a, b) => (u) => mixSection(a, b, u)
		}
	);
	$effect(() => {
		if (!isLive) void tween.set(section, prefersReducedMotion.current ? { duration: 0 } : {});
	});
	// The server and the first paint show the side view itself; the tween only moves between two.
	const shown = $derived(isLive || tween.current.posture !== section.posture ? section : tween.current);
	const settled = $derived(
		shown.furniture.surface.y === section.furniture.surface.y && shown.eye.y === section.eye.y
	);

	let highPx = $state(usual.filled.high);
	/** A small drawing shows a length as a close-up; a large one has room for the whole person, except for short lengths. */
	const isNear = $derived(dimension !== null && (highPx < NEAR_BELOW_PX || dimension.around.width < NEAR_MM));
	const frame = $derived(
		frameFor(
			[...all, section],
			Math.max(roomPx, 240),
			fills ? Math.max(highPx, 160) : mostHeight,
			isNear ? (dimension?.around ?? null) : null
		)
	);
	const f = $derived(shown.furniture);
	const ticks = $derived(railTicks(frame.topMm, unit));
	const numbered = $derived(numberedPieces(section));
	const labels = $derived(pieceLabels(section, frame, t));
	const levels = $derived(levelLabels(shown, frame, t, unit));
	const gaps = $derived(
		gapLabels(section, frame, t, unit, [
			...labels.map(pieceLabelRoom),
			...levels.map(({ words }) => labelRoom(words))
		])
	);
	const zones = $derived(zoneShapes(section, frame));
	const hatch = $props.id();
	const words = $derived(sectionWords(section, t, unit));
	const px = (points: readonly { x: number; y: number }[]) =>
		points.map((p) => ({ x: frame.x(p.x), y: frame.y(p.y) }));
	const box = (b: { x: number; y: number; width: number; height: number }) => ({
		x: frame.x(b.x),
		y: frame.y(b.y + b.height),
		width: b.width * frame.perMm,
		height: b.height * frame.perMm
	});

	function arrows(x: number, top: number, bottom: number): string {
		const head = Math.min(5, (bottom - top) / 3);
		return `M${x} ${top}V${bottom}M${x - 3} ${top + head}L${x} ${top}L${x + 3} ${top + head}M${x - 3} ${bottom - head}L${x} ${bottom}L${x + 3} ${bottom - head}`;
	}
	function arrowsAhead(y: number, left: number, right: number): string {
		const head = Math.min(5, (right - left) / 3);
		return `M${left} ${y}H${right}M${left + head} ${y - 3}L${left} ${y}L${left + head} ${y + 3}M${right - head} ${y - 3}L${right} ${y}L${right - head} ${y + 3}`;
	}

	/** Short lines at both ends of a dimension. */
	function endLines(
		axis: 'up' | 'ahead',
		from: { x: number; y: number },
		to: { x: number; y: number }
	): string {
		return axis === 'up'
			? `M${from.x - 16} ${from.y}H${from.x + 16}M${to.x - 16} ${to.y}H${to.x + 16}`
			: `M${from.x} ${from.y - 16}V${from.y + 16}M${to.x} ${to.y - 16}V${to.y + 16}`;
	}
</script>

<figure class="section" class:fills bind:clientWidth={roomPx} bind:clientHeight={highPx}>
	<svg
		class="side-view"
		viewBox="0 0 {frame.width} {frame.height}"
		width="100%"
		height={fills ? '100%' : undefined}
		style:--shape={fills ? undefined : frame.shape}
		style:--most={fills ? undefined : `${mostHeight}px`}
		role="img"
		aria-label={words}
	>
		<g class="grid">
			{#each ticks as tick (tick.mm)}
				{#if tick.label !== null}<line
						x1={frame.rulerPx}
						x2={frame.width}
						y1={frame.y(tick.mm)}
						y2={frame.y(tick.mm)}
					/>{/if}
			{/each}
		</g>
		<g class="ruler">
			{#each fills ? [] : ticks as tick (tick.mm)}
				{@const y = frame.y(tick.mm)}
				<line x1="0" x2={tick.label === null ? 7 : 13} y1={y} y2={y} />
				{#if tick.label !== null && tick.mm > 0}<text x="16" y={y + 4}>{tick.label}</text>{/if}
			{/each}
		</g>

		<path class="person far" d={smoothPath(px(shown.figure.farLeg), true)} />
		<!-- Furniture -->
		<g class="wood">
			{#if section.stool}
				{@const stool = box(section.stool)}
				<path
					class="leg"
					d="M{stool.x + 12} {stool.y + 8}L{stool.x + 4} {stool.y + stool.height}M{stool.x +
						stool.width -
						12} {stool.y + 8}L{stool.x + stool.width - 4} {stool.y + stool.height}"
				/>
				<rect x={stool.x} y={stool.y} width={stool.width} height="10" rx="3" />
			{/if}
			{#if f.seat}
				{@const slab = box(f.seat.slab)}
				{@const foot = frame.y(0)}
				{#if section.drawnAs === 'wheelchair'}
					{@const hub = slab.x + slab.width * 0.3}
					{@const big = Math.min((foot - slab.y) * 0.72, 300 * frame.perMm)}
					<circle class="wheel" cx={hub} cy={foot - big} r={big} />
					<circle cx={hub} cy={foot - big} r="3" />
					{@const sole = frame.y(Math.min(...shown.figure.body.map((p) => p.y)))}
					{@const ankle = frame.x(shown.joints[5]?.x ?? 0)}
					{@const plate = Math.min(sole + 2, foot - 4)}
					<!-- Push handle, front castor, hanger and a footplate under the whole sole -->
					<path
						class="leg thin"
						d="M{slab.x - 6} {slab.y}V{slab.y - 150 * frame.perMm}h-{60 * frame.perMm}"
					/>
					<path class="leg thin" d="M{slab.x + slab.width - 10} {slab.y + slab.height}V{foot - 14}" />
					<circle cx={slab.x + slab.width - 10} cy={foot - 8} r="8" />
					<path
						class="leg thin"
						d="M{slab.x + slab.width - 4} {slab.y + slab.height}L{ankle - 70 * frame.perMm} {plate}H{ankle +
							190 * frame.perMm}"
					/>
				{:else if f.seat.kind === 'ball'}
					{@const r = (foot - slab.y) / 2}
					<circle class="wheel" cx={slab.x + slab.width / 2} cy={foot - r} {r} />
				{:else if f.seat.kind === 'sofa' || f.seat.kind === 'bed'}
					<path
						class="leg"
						d="M{slab.x + 12} {slab.y + slab.height}V{foot}M{slab.x + slab.width - 12} {slab.y +
							slab.height}V{foot}"
					/>
					{#if f.seat.kind === 'sofa' && f.seat.back}
						{@const [low, high] = px(f.seat.back)}
						{#if low && high}
							<!-- A padded back, a cushion and the far arm -->
							<path
								class="padded"
								d="M{slab.x - 2} {slab.y + slab.height}L{high.x - 24} {high.y + 10}Q{high.x - 10} {high.y -
									10} {high.x + 8} {high.y + 6}L{slab.x + 10} {slab.y}V{slab.y + slab.height}Z"
							/>
						{/if}
						<path
							class="padded arm"
							d="M{slab.x + 30} {slab.y - 170 * frame.perMm}H{slab.x + slab.width - 20}q12 0 12 12V{slab.y +
								4}H{slab.x + 30}Z"
						/>
					{/if}
				{:else if f.seat.castors}
					{@const mid = slab.x + slab.width * 0.45}
					<path class="leg" d="M{mid} {slab.y + slab.height}V{foot - 16}" />
					<path class="leg thin" d="M{mid - 34} {foot - 9}L{mid} {foot - 18}L{mid + 34} {foot - 9}" />
					<circle cx={mid - 34} cy={foot - 5} r="4.5" /><circle cx={mid + 34} cy={foot - 5} r="4.5" />
				{:else}
					<path
						class="leg"
						d="M{slab.x + 8} {slab.y + slab.height}L{slab.x + 2} {foot}M{slab.x + slab.width - 8} {slab.y +
							slab.height}L{slab.x + slab.width - 4} {foot}"
					/>
				{/if}
				{#if f.seat.back && f.seat.kind !== 'sofa'}
					{@const [low, high] = px(f.seat.back)}
					{#if low && high}
						<path class="leg" d="M{slab.x + 4} {slab.y + 4}L{low.x} {low.y}" />
						<path class="back" d="M{low.x} {low.y}L{high.x} {high.y}" />
						<path class="back-inner" d="M{low.x} {low.y}L{high.x} {high.y}" />
					{/if}
				{/if}
				{#if f.seat.kind !== 'ball'}<rect
						{...slab}
						rx={f.seat.kind === 'sofa' || f.seat.kind === 'bed' ? 9 : 2}
					/>{/if}
			{/if}
			{#if true}
				{@const top = box(f.surface)}
				<path
					class="leg"
					d="M{top.x + 14} {top.y + top.height}L{top.x + 12} {frame.y(0)}M{top.x + top.width - 14} {top.y +
						top.height}L{top.x + top.width - 12} {frame.y(0)}"
				/>
				<rect {...top} />
			{/if}
		</g>
		{#if f.tray}<rect class="device" {...box(f.tray)} />{/if}
		{#if f.footBar}<rect class="device" rx="3" {...box(f.footBar)} />{/if}
		<line class="floor" x1={frame.rulerPx} x2={frame.width - 4} y1={frame.y(0)} y2={frame.y(0)} />

		<!-- Stacks -->
		<g class="pieces" class:arriving={!settled}>
			{#each f.pieces as piece (piece.id)}
				{@const shape = pieceShape(piece.kind, box(piece))}
				<g class={piece.station === 'mouse' ? 'behind' : ''}>
					<path class="shape" d={shape.outline} />
					{#if shape.detail}<path class="detail" d={shape.detail} />{/if}
				</g>
			{/each}
		</g>

		<!-- Mouse, next to and behind the keyboard -->
		{#if f.mouse}
			{@const m = box(f.mouse)}
			<path
				class="device"
				d="M{m.x} {m.y + m.height}q0 {-m.height} {m.width * 0.55} {-m.height}q{m.width * 0.45} 0 {m.width *
					0.45} {m.height}Z"
			/>
		{/if}

		<!-- Screen -->
		{#if true}
			{@const foot = box(f.screen.foot)}
			{@const [top, bottom] = px([f.screen.top, f.screen.bottom])}
			{#if top && bottom}
				{#if f.screen.kind === 'laptop'}
					<rect class="device" {...foot} rx="2" />
					<path class="lid" d="M{foot.x + foot.width - 2} {foot.y + foot.height / 2}L{top.x} {top.y}" />
				{:else}
					{@const neck = foot.x + foot.width * 0.55}
					<rect class="device" {...foot} rx="2" />
					<path
						class="neck"
						d="M{neck} {foot.y}L{neck} {(top.y * 2 + bottom.y) / 3}L{(top.x * 2 + bottom.x) / 3} {(top.y * 2 +
							bottom.y) /
							3}"
					/>
					<path class="lid" d="M{bottom.x} {bottom.y}L{top.x} {top.y}" />
				{/if}
			{/if}
		{/if}

		<!-- The person: one outline, then the arm in front of it -->
		<path class="person" d={smoothPath(px(shown.figure.body), true)} />
		<path class="spine" d={smoothPath(px(shown.figure.spine), false)} />
		<path class="hair" d={smoothPath(px(shown.figure.hair), true)} />
		<path class="shoe" d={smoothPath(px(shown.figure.shoe), false)} />
		{#if f.keys}<rect class="device" {...box(f.keys)} rx="1.5" />{/if}
		{#if shown.figure.arm.length > 0}
			<path class="person" d={smoothPath(px(shown.figure.arm), true)} />
			<path class="shoe" d={smoothPath(px(shown.figure.fingers), false)} />
		{/if}
		<g class="joints">
			{#each px(shown.joints) as joint, i (i)}<circle cx={joint.x} cy={joint.y} r="1.8" />{/each}
		</g>

		{#if photo.length > 0}
			{@const hipX = shown.joints[3]?.x ?? 0}
			<g class="photo">
				{#each photo as line, i (i)}
					<polyline
						points={px(line.map(({ x, y }) => ({ x: hipX + x, y })))
							.map(({ x, y }) => `${x},${y}`)
							.join(' ')}
					/>
				{/each}
			</g>
		{/if}

		<!-- Levels, drawn across to the ruler -->
		<g class="levels">
			{#each levels as level (level.name)}
				<line x1={frame.rulerPx - 4} x2={level.lineTo} y1={level.lineY} y2={level.lineY} />
				<text x={level.words.x} y={level.words.y}>{level.text}</text>
			{/each}
			<circle cx={frame.x(shown.eye.x)} cy={frame.y(shown.eye.y)} r="3" />
			<line
				class="sight"
				x1={frame.x(shown.eye.x) + 6}
				y1={frame.y(shown.eye.y)}
				x2={frame.x(f.screen.middle.x)}
				y2={frame.y(f.screen.middle.y)}
			/>
		</g>

		{#if dimension}
			{@const [from, to] = px([dimension.from, dimension.to])}
			{#if from && to}
				<g class="asked">
					<path class="ends" d={endLines(dimension.axis, from, to)} />
					<path
						d={dimension.axis === 'up' ? arrows(from.x, to.y, from.y) : arrowsAhead(from.y, from.x, to.x)}
					/>
					<text
						x={dimension.axis === 'up' ? from.x + (dimension.isBeforeIt ? 9 : -9) : (from.x + to.x) / 2}
						y={dimension.axis === 'up' ? (from.y + to.y) / 2 + 5 : from.y - 8}
						text-anchor={dimension.axis === 'ahead' ? 'middle' : dimension.isBeforeIt ? 'start' : 'end'}
						>{dimension.label}</text
					>
				</g>
			{/if}
		{/if}

		<!-- Gaps, dimensioned in place -->
		{#if settled}
			<g class="zones">
				<pattern
					id="hatch-{hatch}"
					width="5"
					height="5"
					patternUnits="userSpaceOnUse"
					patternTransform="rotate(45)"
				>
					<line x1="0" x2="0" y1="0" y2="5" />
				</pattern>
				{#each zones as zone (zone.check)}
					<rect x={zone.x} y={zone.y} width={zone.width} height={zone.height} fill="url(#hatch-{hatch})">
						<title>{t.section.zone[zone.check]}</title>
					</rect>
				{/each}
			</g>
			<g class="gaps">
				{#each dimension ? [] : gaps as gap (gap.check)}
					<line class="reach" x1={gap.x - 40} x2={gap.x + 5} y1={gap.toY} y2={gap.toY} />
					<path class="dimension" d={arrows(gap.x, gap.top, gap.bottom)} />
					<text x={gap.words.x} y={gap.words.y} text-anchor={gap.words.anchor}>
						{#each gap.lines as line, i (i)}<tspan x={gap.words.x} dy={i === 0 ? 0 : LINE_PX}>{line}</tspan
							>{/each}
					</text>
				{/each}
			</g>
			<g class="names">
				{#each labels as label (label.id)}
					{#if label.leader}<line {...label.leader} />{/if}
					<text x={label.x} y={label.y} text-anchor={label.anchor}>{label.text}</text>
				{/each}
			</g>
		{/if}
	</svg>
	{#if !fills && frame.isNarrow && numbered.length > 0}
		<ol class="numbered">
			{#each numbered as group (group.number)}
				<li>
					<span class="num">{group.number}</span>
					{t.lists.of(t.steps.places[group.station], group.words)}
				</li>
			{/each}
		</ol>
	{/if}
	{#if !fills}<figcaption>{t.section.scale(t.frame.unit[unit])} {t.section.zoneLegend}</figcaption>{/if}
</figure>

<style>
	.section {
		margin: 0;
		min-width: 0;
	}
	svg {
		display: block;
	}
	/* As high as the drawing will be at this width, before scripts have measured it: see frameFor. */
	.section:not(.fills) {
		container-type: inline-size;
	}
	.section:not(.fills) > svg {
		height: min(calc((100cqw - 96px) * var(--shape) + 30px), var(--most));
	}
	@container (min-width: 420px) {
		.section:not(.fills) > svg {
			height: min(calc((100cqw - 136px) * var(--shape) + 30px), var(--most));
		}
	}
	.numbered {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0 1rem;
		padding-top: 0.375rem;
		font-size: var(--text-note);
	}
	.numbered .num {
		display: inline-block;
		min-width: 1.25rem;
		font-weight: 700;
		color: var(--warm);
	}
	figcaption {
		padding-top: 0.25rem;
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.section.fills {
		height: 100%;
	}
	.pieces {
		transition: opacity 240ms;
	}
	.pieces.arriving {
		opacity: 0.35;
	}
	@media (prefers-reduced-motion: reduce) {
		.pieces {
			transition: none;
		}
	}
</style>
