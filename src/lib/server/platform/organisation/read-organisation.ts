import { eq } from 'drizzle-orm';
import { UNSET_ORGANISATION, type Organisation } from '../../../core/platform/organisation';
import { schema, type Db } from '../db/client';

const { organisation } = schema;

const FIELDS = {
	name: organisation.name,
	contactName: organisation.contactName,
	contactRole: organisation.contactRole,
	phone: organisation.phone,
	replyTo: organisation.replyTo,
	address: organisation.address,
	genuinePage: organisation.genuinePage,
	participation: organisation.participation,
	dutyLaw: organisation.dutyLaw,
	language: organisation.language,
	timeZone: organisation.timeZone
};

/** The organisation; {@link UNSET_ORGANISATION} until a coordinator has set it. One key look-up. */
export async function readOrganisation(db: Db): Promise<Organisation> {
	const [row] = await db.select(FIELDS).from(organisation).where(eq(organisation.id, 1));
	return row ?? UNSET_ORGANISATION;
}

export interface Logo {
	/** A PNG made by us. */
	readonly png: Buffer;
	readonly widthPx: number;
	readonly heightPx: number;
}

/** The organisation's logo; null where there is none. One key look-up. */
export async function readLogo(db: Db): Promise<Logo | null> {
	const [row] = await db
		.select({
			png: organisation.logo,
			widthPx: organisation.logoWidthPx,
			heightPx: organisation.logoHeightPx
		})
		.from(organisation)
		.where(eq(organisation.id, 1));
	const { png, widthPx, heightPx } = row ?? {};
	return png && widthPx && heightPx ? { png, widthPx, heightPx } : null;
}

/** The letterhead of a printed page. */
export interface Letterhead {
	readonly name: string;
	/** Lines of the postal address; empty where not set. */
	readonly address: readonly string[];
	/** Size of the logo at `/logo`, pixels; null where there is none. */
	readonly logo: { readonly widthPx: number; readonly heightPx: number } | null;
}

/** The letterhead of a printed page. One key look-up, without the image. */
export async function readLetterhead(db: Db): Promise<Letterhead> {
	const [row] = await db
		.select({
			name: organisation.name,
			address: organisation.address,
			widthPx: organisation.logoWidthPx,
			heightPx: organisation.logoHeightPx
		})
		.from(organisation)
		.where(eq(organisation.id, 1));
	const { name = '', address = '', widthPx, heightPx } = row ?? {};
	return {
		name,
		address: address.split('\n').filter((line) => line.trim() !== ''),
		logo: widthPx && heightPx ? { widthPx, heightPx } : null
	};
}
