export interface PublishedVersion {
	/** As people read it: 1 is the organisation's first. */
	readonly version: number;
	/** Null where the account is closed. */
	readonly by: string | null;
	readonly at: Date;
	readonly note: string;
}

export interface VersionWords {
	/** Name of a version; 0 is what the software comes with. */
	readonly version: (version: number) => string;
	/** Marks the one that applies. */
	readonly current: (version: string) => string;
	/** About what the software comes with. */
	readonly original: string;
}

export interface VersionFileWords {
	readonly fileName: (version: number) => string;
	/** Label, hint and button of a file to start from. */
	readonly load: string;
	readonly loadHint: string;
	readonly useFile: string;
}
