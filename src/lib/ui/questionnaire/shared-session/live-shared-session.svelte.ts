import { redFlagsOf } from '$lib/core/questionnaire/answers/checklist-fields';
import type { Answers } from '$lib/core/questionnaire/answers/fields';
import { isEmergency } from '$lib/core/cases/discomfort/red-flags';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import type { SharedSessionState } from '$lib/core/questionnaire/shared-session/shared-session';
import type { SharedSessionStation } from '$lib/core/questionnaire/shared-session/stations';
import { Draft } from '../draft.svelte';

/** Pause after the last key before an answer goes to the other side, ms. */
const PAUSE_MS = 60;

/** Status codes: the person's pages are closed, and the shared session has ended. */
const [CLOSED, ENDED] = [409, 410];

const emergenciesIn = (answers: Answers): number => redFlagsOf(answers).filter(isEmergency).length;

/** Until a broken channel is opened again, ms. Browsers open one that ended by themselves, but not one that was refused. */
const AGAIN_MS = 2000;

/** One side of a shared session: what both see, and what this side does. */
export class LiveSharedSession {
	/** As the server said last. */
	state = $state.raw() as SharedSessionState;
	/** Whether the channel is open: if not, what is entered waits on this page. */
	isConnected = $state(true);
	/** Whether this side was the last to point. */
	isOwnPoint = $state(false);
	readonly draft: Draft;
	private emergencies: number;

	/**
	 * @param address where the board's endpoints are
	 * @param ended called once the shared session has ended
	 */
	constructor(
		first: SharedSessionState,
		way: SittingStyle,
		private readonly address: string,
		private readonly ended: () => void
	) {
		this.state = first;
		this.emergencies = emergenciesIn(first.answers);
		// Nothing is kept on the device: on the coordinator's it would be somebody else's.
		this.draft = new Draft(first, way, address, null, PAUSE_MS);
	}

	/** Follows the other side while the page is open; returns a function that ends it. */
	follow(): () => void {
		let events: EventSource | null = null;
		let again: ReturnType<typeof setTimeout> | undefined;
		const open = () => {
			events = new EventSource(`${this.address}/live`);
			events.onopen = () => {
				this.isConnected = true;
				void this.draft.autosave.flush();
			};
			events.onmessage = ({ data }: MessageEvent<string>) =>
				this.take(JSON.parse(data, asDate) as SharedSessionState);
			events.onerror = () => {
				this.isConnected = false;
				if (events?.readyState !== EventSource.CLOSED) return;
				clearTimeout(again);
				again = setTimeout(open, AGAIN_MS);
			};
		};
		open();
		// A channel that broke while the device was offline may never say so.
		const reopen = () => {
			events?.close();
			open();
		};
		window.addEventListener('online', reopen);
		return () => {
			window.removeEventListener('online', reopen);
			clearTimeout(again);
			events?.close();
		};
	}

	/** Reads the page again: it ended, or something was refused. */
	leave(): void {
		this.emergencies = emergenciesIn(this.state.answers);
		this.ended();
	}

	/** Points at a station or a question, for both. */
	async point(station: SharedSessionStation, question: string | null): Promise<void> {
		if (station === this.state.station && question === this.state.question) return;
		// At once on this side; the other side's word is the server's.
		this.state = { ...this.state, station, question };
		this.isOwnPoint = true;
		const response = await fetch(this.address, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ station, question })
		}).catch(() => null);
		if (response?.status === CLOSED || response?.status === ENDED) this.leave();
	}

	private take(state: SharedSessionState): void {
		const isSame = state.station === this.state.station && state.question === this.state.question;
		if (!isSame) this.isOwnPoint = false;
		this.state = state;
		this.draft.take({ answers: state.answers, revision: state.revision });
		// An emergency sign, reported on another page, closes the person's pages: the server says where they lead.
		if (!state.isOpen || emergenciesIn(state.answers) > this.emergencies) this.leave();
	}
}

/** Moments are sent as texts. */
const asDate = (name: string, value: unknown): unknown =>
	name === 'at' && typeof value === 'string' ? new Date(value) : value;
