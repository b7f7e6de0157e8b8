import { LENGTH_FIELDS, unitOf, type Answers } from '$lib/core/questionnaire/answers/fields';
import { partialChecks, type PartialCorner } from '$lib/core/questionnaire/answers/partial-checks';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import { Autosave } from './autosave/autosave.svelte';
import { storeAnswers, storedAnswers, type ServerAnswers } from './stored-answers';

/** Stature drawn before it is known, mm: between the means of women and men. */
const USUAL_STATURE_MM = 1680;

/** Typing counts as paused after this long, ms. Our assumption. */
const PAUSE_MS = 200;

/** The answers on this page while they are typed, what they show so far, and saving them on device and server. */
export class Draft {
	/** Replaced as a whole: everything derived reads all of it many times, and tracking each field costs more than that. */
	answers = $state.raw<Answers>({});
	/** The answers as of the last pause in typing, for what need not follow every key. See {@link settle}. */
	settled = $state.raw<Answers>({});
	/** The field being filled in. */
	active = $state<string | null>(null);
	readonly autosave: Autosave;
	readonly unit: LengthUnit = $derived(unitOf(this.answers));
	readonly partial: PartialCorner | null = $derived.by(() => partialChecks(this.answers, this.way));
	/** The same for drawing: before the stature is known, someone of average stature. */
	readonly drawn: PartialCorner = $derived.by(() => this.partial ?? this.usual());
	private revision = -1;
	private pause: ReturnType<typeof setTimeout> | undefined;
	/** The newest revision announced. */
	private told = -1;

	constructor(
		server: ServerAnswers,
		readonly way: SittingStyle,
		private readonly address: string,
		private readonly device: Storage | null,
		pauseMs?: number
	) {
		const saved = (revision: number | null) => {
			if (revision !== null) this.savedAs(revision);
			this.catchUp();
		};
		this.autosave = new Autosave(address, device, fetch, saved, pauseMs);
		// A page from the device's cache, or made before the last save arrived, is older than what this device has seen since. Read before
		// the server's answers are stored over it.
		const kept = storedAnswers(device, address);
		if (kept && kept.revision > server.revision) this.take(kept);
		else this.take(server);
	}

	private usual(): PartialCorner {
		const stature = formatLength(USUAL_STATURE_MM, this.unit, { withUnit: false });
		const usual = partialChecks({ ...this.answers, stature }, this.way);
		if (!usual) throw new Error('a usual stature makes a corner');
		return { ...usual, checks: [] };
	}

	/** Follows what other devices save, while the page is open; returns a function that ends it. */
	follow(): () => void {
		const events = new EventSource(`${this.address}/live`);
		events.onmessage = ({ data }: MessageEvent<string>) => {
			const { revision } = JSON.parse(data) as { revision: number };
			this.told = Math.max(this.told, revision);
			this.catchUp();
		};
		return () => events.close();
	}

	/**
	 * Fetches the announced revision. The response to our own save contains its revision, so that is waited for while one is on its way.
	 */
	private catchUp(): void {
		if (this.told > this.revision && this.autosave.state !== 'saving') void this.pull();
	}

	/** Saves what was typed or chosen. */
	set(field: string, text: string): void {
		this.setAll({ [field]: text });
	}

	/** Saves several fields at once. */
	setAll(fields: Readonly<Record<string, string>>): void {
		this.answers = { ...this.answers, ...fields };
		clearTimeout(this.pause);
		if (Object.keys(fields).every((field) => Object.hasOwn(LENGTH_FIELDS, field)))
			this.pause = setTimeout(() => this.settle(), PAUSE_MS);
		else this.settle();
		// The autosave has what the server has not got yet; everything is stored once it has.
		this.autosave.set(fields);
	}

	/** Updates what follows pauses: before the person continues, and where an answer was chosen. */
	settle(): void {
		clearTimeout(this.pause);
		this.settled = this.answers;
	}

	/** Takes the server's answers over if they are newer, keeping what it has not got yet. */
	take(server: ServerAnswers): void {
		if (server.revision < this.revision) return;
		this.revision = server.revision;
		this.answers = { ...server.answers, ...this.autosave.unsent };
		this.settle();
		this.keep();
	}

	/** Fetches what another device has saved. Silent when offline: it is tried again later. */
	async pull(): Promise<void> {
		const response = await fetch(this.address).catch(() => null);
		if (!response?.ok) return;
		const server = (await response.json()) as ServerAnswers;
		if (server.revision > this.revision) this.take(server);
	}

	private savedAs(revision: number): void {
		// A gap means that another device saved in between.
		if (revision > this.revision + 1) this.told = Math.max(this.told, revision);
		else {
			this.revision = Math.max(this.revision, revision);
			this.keep();
		}
	}

	private keep(): void {
		storeAnswers(this.device, this.address, { answers: this.answers, revision: this.revision });
	}
}
