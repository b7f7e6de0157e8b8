import type { Db } from '../db/client';
import { logoDataUrl } from '../organisation/logo-data-url';
import { readLogo, readOrganisation } from '../organisation/read-organisation';
import { composeEmail, type ComposedEmail } from './compose-email';
import { linkOfEmail } from './deliver-emails';
import { emailById, type QueuedEmail } from './queue-email';

/** A queued email with everything it arrives with, for the simulated inbox only: it contains the link that opens someone's answers. */
export async function composedById(
	db: Db,
	origin: string,
	id: string
): Promise<{
	readonly queued: QueuedEmail;
	readonly link: string | null;
	readonly email: ComposedEmail;
} | null> {
	const queued = await emailById(db, id);
	if (!queued) return null;
	const link = await linkOfEmail(db, origin, queued);
	const logo = await readLogo(db);
	const organisation = await readOrganisation(db);
	const email = composeEmail(queued, {
		organisation,
		logo: logo && { ...logo, address: logoDataUrl(logo) },
		link
	});
	return { queued, link, email };
}
