import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { extract } from 'tar-stream';
import { MANIFEST_NAME, readManifest, type ArchiveManifest } from '../../../core/platform/archive/manifest';

/** An archive that can't be used, or not here; the message says why, and what to do. */
export class ArchiveError extends Error {}

/** Longest file in an archive, bytes: a part of a table is a few megabytes. Our assumption. */
const MAX_FILE_BYTES = 256_000_000;

export interface ReadFile {
	readonly path: string;
	readonly bytes: Buffer;
}

const sha256 = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');

const NO_ARCHIVE =
	'The file is not an archive of Easy Corner, or it was cut short: fetch it again. Nothing was loaded.';

/**
 * Reads the files of an archive in their order, one at a time.
 * @throws ArchiveError where it is not an archive
 */
export async function* readArchive(file: string): AsyncGenerator<ReadFile> {
	const entries = extract();
	const source = createReadStream(file);
	const arrived = pipeline(source, createGunzip(), entries).catch((error: unknown) =>
		entries.destroy(error as Error)
	);
	try {
		for await (const entry of entries) {
			const { name, size = 0 } = entry.header;
			if (size > MAX_FILE_BYTES)
				throw new ArchiveError(`${name} is longer than a part of an archive ever is. Nothing was loaded.`);
			const chunks: Buffer[] = [];
			for await (const chunk of entry) chunks.push(chunk as Buffer);
			yield { path: name, bytes: Buffer.concat(chunks) };
		}
	} catch (error) {
		if (error instanceof ArchiveError) throw error;
		const code = (error as { code?: unknown } | null)?.code;
		if (code === 'ENOENT' || code === 'EACCES') throw new ArchiveError(`${file} can’t be read.`);
		throw new ArchiveError(NO_ARCHIVE);
	} finally {
		source.destroy();
		entries.destroy();
		await arrived;
	}
}

/** A checked archive: what is in it, and the hash that tells it from any other. */
export interface CheckedArchive {
	readonly manifest: ArchiveManifest;
	readonly digest: string;
}

/**
 * Checks every file of an archive against its manifest. Cost: one pass over the file.
 * @throws ArchiveError that names the first file which is missing, added or changed
 */
export async function checkArchive(file: string): Promise<CheckedArchive> {
	const found = new Map<string, { readonly bytes: number; readonly hash: string }>();
	let last: ReadFile | null = null;
	for await (const one of readArchive(file)) {
		if (found.has(one.path))
			throw new ArchiveError(`${one.path} is in the archive twice. Nothing was loaded.`);
		found.set(one.path, { bytes: one.bytes.length, hash: sha256(one.bytes) });
		last = one;
	}
	// A copy that broke off ends without its manifest.
	if (last?.path !== MANIFEST_NAME) throw new ArchiveError(NO_ARCHIVE);
	const read = readManifest(last.bytes.toString('utf8'));
	if (!read.ok) throw new ArchiveError(`${MANIFEST_NAME}: ${read.issue.text}. Nothing was loaded.`);
	const manifest = read.value;
	for (const { path, bytes, sha256: hash } of manifest.files) {
		const one = found.get(path);
		if (!one) throw new ArchiveError(`${path} is missing from the archive. Nothing was loaded.`);
		if (one.bytes !== bytes || one.hash !== hash)
			throw new ArchiveError(`${path} was changed after the archive was written. Nothing was loaded.`);
		found.delete(path);
	}
	const [added] = [...found.keys()].filter((path) => path !== MANIFEST_NAME);
	if (added)
		throw new ArchiveError(`${added} is in the archive, but not in its manifest. Nothing was loaded.`);
	return { manifest, digest: sha256(last.bytes) };
}
