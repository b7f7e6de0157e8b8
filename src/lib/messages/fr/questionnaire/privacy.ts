import type { Role } from '$lib/core/platform/access/roles';
import type { PrivacyTexts } from '../../shapes';

const COUNTS = ['zéro', 'une', 'deux', 'trois', 'quatre', 'cinq', 'six', 'sept', 'huit', 'neuf', 'dix'];

/** Names of the roles as employees read them. */
const ROLE_NAMES: Readonly<Record<Role, string>> = {
	coordinator: 'coordination',
	clinician: 'médecin',
	reader: 'analyse'
};

const list = (roles: readonly Role[]) =>
	new Intl.ListFormat('fr', { type: 'disjunction' }).format(roles.map((role) => ROLE_NAMES[role]));

const years = (n: number) => (n === 1 ? 'un an' : `${n} ans`);

/** The privacy statement for employees. */
export const privacyTexts: PrivacyTexts = {
	asked: [
		'Nous demandons',
		'Les hauteurs de vos meubles et de votre corps, ce qui vous gêne, votre santé si elle compte au bureau, et des objets de la maison. Si vous mesurez sur une photo, elle reste sur votre appareil. Nous n’enregistrons que les chiffres.'
	],
	why: ['Pourquoi', 'Pour trouver ce qui vous convient et corriger le reste.'],
	participation: {
		term: 'Participation',
		words: ({ participation, dutyLaw }) =>
			participation === 'voluntary'
				? 'La participation est libre. Vous pouvez passer une question ou arrêter à tout moment.'
				: `La participation fait partie de l’obligation de sécurité de votre employeur${dutyLaw ? ` (${dutyLaw})` : ''}. Vous pouvez quand même passer une question.`
	},
	seenBy: {
		term: 'Qui le voit',
		words: ({ everyAnswer, referredOnly, totalsOnly }, organisation, least) =>
			[
				`Les personnes qui ont le rôle ${list(everyAnswer)}${organisation ? ` chez ${organisation}` : ''} voient vos réponses. Elles voient un signe d’alerte dès que vous le touchez. Deux d’entre elles peuvent classer votre cas chacune de son côté, sans votre nom, pour vérifier qu’elles sont d’accord.`,
				referredOnly.length > 0 &&
					`Un ${list(referredOnly)} ne les voit que si vous acceptez qu’on vous oriente vers lui.`,
				totalsOnly.length > 0 &&
					`Les personnes qui ont le rôle ${list(totalsOnly)} ne voient que des totaux de ${COUNTS[least] ?? least} personnes ou plus.`,
				'Les personnes qui gèrent le serveur peuvent accéder à la base de données.'
			]
				.filter(Boolean)
				.join(' ')
	},
	howLong: {
		term: 'Combien de temps',
		words: ({ yearsAfterAnswer, yearsAfterLeaving }, organisation) => {
			const place = organisation || 'votre organisation';
			const sign =
				'Si un signe d’alerte est ouvert, nous effaçons vos données une fois que la coordination s’en est occupée.';
			if (yearsAfterAnswer !== null && yearsAfterLeaving !== null)
				return `Nous effaçons vos données ${years(yearsAfterAnswer)} après votre dernière réponse, ou ${years(yearsAfterLeaving)} après votre départ de ${place}. ${sign}`;
			if (yearsAfterAnswer !== null)
				return `Nous effaçons vos données ${years(yearsAfterAnswer)} après votre dernière réponse. ${sign}`;
			if (yearsAfterLeaving !== null)
				return `Nous effaçons vos données ${years(yearsAfterLeaving)} après votre départ de ${place}. ${sign}`;
			return 'Il n’y a pas de date de fin. Nous gardons vos données jusqu’à ce que vous les retiriez ou que la coordination les efface.';
		}
	},
	passedOn: [
		'Transmission',
		'La coordination peut télécharger des données : des listes, un dossier de santé ou tout. Elle peut aussi laisser d’autres programmes de votre organisation en lire une partie.'
	],
	stays: [
		'Ce qui reste',
		'Si vous retirez vos réponses, les notes de la coordination restent, ainsi que le fait que l’on vous a interrogé. Même après l’effacement, il reste des traces : lignes du journal sans votre nom, totaux d’anciens rapports et, un temps, des sauvegardes. Jusqu’au renouvellement des totaux de fin de mois, vos dernières réponses y restent sans votre nom, un an au plus.'
	],
	rights: [
		'Vos droits',
		'Vous pouvez à tout moment voir, corriger, télécharger ou retirer vos réponses ici.'
	],
	complaints: [
		'Réclamations',
		'Vous pouvez demander à votre organisation sur quelle base légale elle s’appuie. Vous pouvez aussi saisir l’autorité de protection des données de votre pays.'
	],
	limits: [
		'Limites',
		'Ceci est un guide pour votre confort, pas un diagnostic. Il ne remplace pas un médecin. Le droit local prime.'
	],
	questions: {
		term: 'Questions ?',
		words: ({ contactName, contactRole, phone, replyTo }) => {
			const who = contactRole ? `${contactName}, ${contactRole}` : contactName;
			const reach = [phone, replyTo].filter((one) => one !== '').join(', ');
			return reach ? `Demandez à ${who} : ${reach}.` : `Demandez à ${who}.`;
		}
	}
};
