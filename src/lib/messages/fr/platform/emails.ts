import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { EmailTexts } from '../../shapes';
import type { EmailFields } from '../../text-parts';

const IS_NOT_YOU =
	'Si ce n’était pas vous, changez votre mot de passe maintenant et prévenez la personne qui gère Easy Corner.';

/** The sender, in the first sentence of an invitation. */
const introduction = ({ contact, organisation }: EmailFields) => {
	if (contact && organisation) return `Je suis ${contact}, de ${organisation}. `;
	if (organisation) return `Cet e-mail vient de ${organisation}. `;
	return '';
};

const byDay = (until: string | null) => (until ? ` avant le ${until}` : '');

const YOUR_ANSWER =
	'Si quelque chose vous en empêche, ou si vous préférez ne pas participer, dites-le à la coordination sur la même page. C’est aussi une réponse.';

export const emailTexts: EmailTexts = {
	greeting: ({ name }) => `Bonjour ${name},`,
	kinds: {
		invitation: {
			subject: `Vérifiez votre poste de travail à la maison (environ ${PROMISED_MINUTES.short} minutes)`,
			paragraphs: (fields) => [
				`${introduction(fields)}Répondez à quelques questions sur votre poste à la maison et mesurez quelques hauteurs${byDay(fields.until)}. Vous recevrez un plan qui utilise des objets que vous avez chez vous.`,
				`Cela prend environ ${PROMISED_MINUTES.short} minutes. Un mètre ruban aide, mais des feuilles de papier suffisent. Nous ne demandons pas de photos. Vous pouvez arrêter et reprendre plus tard.`,
				'Si quelque chose fait très mal, ou si un engourdissement persiste ou vous réveille la nuit, n’attendez pas. Consultez un médecin.'
			],
			button: 'Commencer mon auto-évaluation'
		},
		reminder: {
			subject: ({ subject }) => `Rappel : ${subject}`,
			paragraphs: ({ minutesLeft }) => [
				minutesLeft === null
					? `Vous n’avez pas encore commencé votre auto-évaluation. Elle prend environ ${PROMISED_MINUTES.short} minutes.`
					: `Votre auto-évaluation n’est pas encore terminée. Tout ce que vous avez saisi est enregistré. Il reste environ ${minutesLeft === 1 ? 'une minute' : `${minutesLeft} minutes`}.`,
				YOUR_ANSWER
			],
			button: 'Continuer mon auto-évaluation'
		},
		message: {
			subject: 'Vous avez un message à propos de votre poste',
			paragraphs: () => [
				'La coordination vous a écrit. Vous pouvez lire le message et y répondre sur votre page personnelle. Pour votre confidentialité, cet e-mail ne le répète pas.'
			],
			button: 'Lire le message'
		},
		equipment: {
			subject: 'Du nouveau pour votre matériel',
			paragraphs: () => [
				'Il y a du nouveau pour ce que vous avez demandé. Vous pouvez le lire sur votre page personnelle. Pour votre confidentialité, cet e-mail ne dit pas de quoi il s’agit.'
			],
			button: 'Voir mon matériel'
		},
		'plan-reminder': {
			subject: 'Votre plan est prêt',
			paragraphs: () => [
				'Il y a quelques semaines, vous avez reçu un plan pour votre poste. Il utilise des objets que vous avez chez vous. Vous n’avez encore coché aucune étape.',
				'Si une étape est impossible chez vous, indiquez-le sur le plan et nous en ferons un autre sans elle. Vous pouvez aussi y écrire à la coordination.'
			],
			button: 'Ouvrir mon plan'
		},
		'trial-question': {
			subject: 'Comment s’est passée la journée ? (une question)',
			paragraphs: () => [
				'Vous essayez autre chose à votre poste, pour comparer avec votre plan. La journée a-t-elle été confortable ? C’est une seule question, en haut de votre plan.',
				'Arrêtez si quelque chose fait plus mal qu’avant. Sur votre plan, vous pouvez aussi mettre fin à l’essai.'
			],
			button: 'Dire comment était la journée'
		},
		'check-in': {
			subject: 'Comment va votre poste maintenant ? (deux à trois minutes)',
			paragraphs: () => [
				'Il y a quelques semaines, vous avez fini de changer votre poste. Qu’est-ce qui est encore en place, et comment vous sentez-vous ? Répondre prend deux à trois minutes.'
			],
			button: 'Répondre au suivi'
		},
		'check-in-reminder': {
			subject: 'Rappel : comment va votre poste maintenant ?',
			paragraphs: () => [
				'Nous avons demandé comment va votre poste et nous n’avons pas encore eu de réponse. Cela prend deux à trois minutes. Si quelque chose n’est plus en place, nous aimerions aussi le savoir.'
			],
			button: 'Répondre au suivi'
		},
		recheck: {
			subject: 'C’est le moment de votre prochaine auto-évaluation',
			paragraphs: () => [
				'Vous avez mesuré votre poste il y a un certain temps. Le corps, les lunettes et les chaises changent. Vos dernières réponses sont déjà remplies, vous corrigez seulement ce qui est différent.'
			],
			button: 'Vérifier à nouveau mon poste'
		},
		'recheck-reminder': {
			subject: 'Rappel : c’est le moment de votre prochaine auto-évaluation',
			paragraphs: () => [
				'Votre prochaine auto-évaluation n’est pas encore terminée. Vos dernières réponses sont déjà remplies, vous corrigez seulement ce qui est différent.',
				YOUR_ANSWER
			],
			button: 'Vérifier à nouveau mon poste'
		},
		'referral-new': {
			subject: 'Vous avez une nouvelle orientation dans Easy Corner',
			paragraphs: () => [
				'Une coordination de santé au travail vous demande un avis sur une personne qui travaille à l’écran chez elle. Connectez-vous pour lire la demande, poser une question ou répondre. Pour la confidentialité de cette personne, cet e-mail ne dit pas qui elle est.'
			],
			button: 'Lire la demande'
		},
		'referral-answered': {
			subject: 'On a répondu à votre question sur une orientation',
			paragraphs: () => [
				'La coordination a répondu à votre question sur une orientation. Connectez-vous pour lire la réponse. Pour la confidentialité de la personne, cet e-mail ne dit pas qui elle est.'
			],
			button: 'Lire la réponse'
		},
		'referral-ended': {
			subject: 'Une orientation a été annulée dans Easy Corner',
			paragraphs: () => [
				'Une orientation a été annulée. Vous n’avez pas à y répondre. Pour la confidentialité de la personne, cet e-mail ne dit pas qui elle est.'
			],
			button: 'Voir mes orientations'
		},
		'deputy-alert': {
			subject: 'À faire maintenant : un signalement dans Easy Corner n’a pas été ouvert',
			paragraphs: () => [
				'Une personne a signalé ce qui peut être une urgence, et personne ne l’a encore ouvert. Vous êtes la personne suppléante. Connectez-vous, ouvrez le signalement en haut de la liste et appelez la personne.',
				'Pour protéger sa vie privée, cet e-mail ne dit pas de qui il s’agit.'
			],
			button: 'Ouvrir la liste'
		},
		'account-invitation': {
			subject: 'Votre compte dans Easy Corner',
			paragraphs: () => [
				'Vous avez été invité dans Easy Corner. Choisissez un mot de passe pour ouvrir votre compte. Le lien fonctionne une fois et pendant sept jours.'
			],
			button: 'Choisir un mot de passe'
		},
		'password-reset': {
			subject: 'Mot de passe oublié ?',
			paragraphs: () => [
				'Quelqu’un a demandé un nouveau mot de passe pour votre compte. Si c’était vous, choisissez-en un dans les deux heures. Sinon, vous n’avez rien à faire : votre mot de passe ne change pas.'
			],
			button: 'Choisir un nouveau mot de passe'
		},
		'api-token': {
			subject: 'Un programme a reçu un accès à votre compte',
			paragraphs: () => [
				'Quelqu’un a créé un jeton d’API dans votre compte. Un programme peut ainsi faire en votre nom ce que le jeton autorise. Si c’était vous, vous n’avez rien à faire.',
				'Si ce n’était pas vous, supprimez le jeton sur la page de votre compte et changez votre mot de passe.'
			],
			button: 'Vérifier mon compte'
		},
		'new-device': {
			subject: 'Connexion depuis un nouveau navigateur',
			paragraphs: () => [
				'Quelqu’un s’est connecté à votre compte depuis un navigateur que vous n’avez pas encore utilisé. Si c’était vous, vous n’avez rien à faire.',
				'Si ce n’était pas vous, changez votre mot de passe et déconnectez tous les autres navigateurs sur la page de votre compte.'
			],
			button: 'Vérifier mon compte'
		},
		tries: {
			subject: 'Quelqu’un essaie des mots de passe sur votre compte',
			paragraphs: () => [
				'Quelqu’un a saisi plusieurs mots de passe faux pour votre compte. Nous ralentissons ces essais. Vous pouvez toujours vous connecter depuis les navigateurs que vous avez déjà utilisés.',
				'Si votre mot de passe est court, ou si vous l’utilisez ailleurs, changez-le.'
			],
			button: 'Vérifier mon compte'
		},
		codes: {
			subject: 'Quelqu’un essaie de deviner vos codes de connexion',
			paragraphs: () => [
				'Quelqu’un a saisi votre bon mot de passe, puis plusieurs codes faux. Si c’était vous, attendez quelques minutes et réessayez.',
				'Si ce n’était pas vous, quelqu’un connaît votre mot de passe. Changez-le maintenant et prévenez la personne qui gère Easy Corner.'
			],
			button: 'Vérifier mon compte'
		},
		password: {
			subject: 'Votre mot de passe a été changé',
			paragraphs: () => [
				'Le mot de passe de votre compte a été changé. Nous avons déconnecté tous vos autres navigateurs.',
				'Si ce n’était pas vous, utilisez maintenant « Forgot your password? » sur la page de connexion et prévenez la personne qui gère Easy Corner.'
			],
			button: 'Vérifier mon compte'
		},
		passkey: {
			subject: 'Une clé d’accès a été ajoutée à votre compte',
			paragraphs: () => [
				'Une clé d’accès a été ajoutée à votre compte. Toute personne qui peut déverrouiller cet appareil peut se connecter à votre place.',
				'Si ce n’était pas vous, retirez cette clé sur la page de votre compte. Changez ensuite votre mot de passe et prévenez la personne qui gère Easy Corner.'
			],
			button: 'Vérifier mon compte'
		},
		'passkey-removed': {
			subject: 'Une clé d’accès a été retirée de votre compte',
			paragraphs: () => [
				'Une clé d’accès a été retirée de votre compte. Elle ne permet plus de se connecter.',
				`${IS_NOT_YOU} Déconnectez aussi tous les autres navigateurs sur la page de votre compte.`
			],
			button: 'Vérifier mon compte'
		},
		'factor-set': {
			subject: 'Votre compte a maintenant un second facteur',
			paragraphs: () => [
				'Désormais, il faut un code de votre téléphone en plus du mot de passe pour se connecter.',
				'Si ce n’est pas vous qui l’avez activé, c’est quelqu’un d’autre et vous ne pouvez plus vous connecter. Prévenez maintenant la personne qui gère Easy Corner.'
			],
			button: 'Vérifier mon compte'
		},
		'factor-ended': {
			subject: 'Le second facteur de votre compte a été retiré',
			paragraphs: () => [
				'Les codes de votre téléphone ne sont plus nécessaires. Votre mot de passe seul ouvre votre compte.',
				IS_NOT_YOU
			],
			button: 'Vérifier mon compte'
		},
		'log-given': {
			subject: 'Vous avez maintenant accès au journal',
			paragraphs: () => [
				'On vous a donné accès au journal. Il montre qui a fait quoi et quelles données ont été consultées. Si vous n’en avez pas besoin, demandez que cet accès soit retiré.'
			],
			button: 'Ouvrir mon compte'
		},
		'log-taken': {
			subject: 'Vous n’avez plus accès au journal',
			paragraphs: () => [
				'Votre accès au journal a été retiré. Si vous ne savez pas pourquoi, demandez à la coordination.'
			],
			button: 'Ouvrir mon compte'
		},
		provider: {
			subject: 'Votre compte s’ouvre maintenant avec la connexion de votre organisation',
			paragraphs: () => [
				'Quelqu’un s’est connecté à votre compte avec la connexion de votre organisation pour la première fois. Vous pouvez désormais l’utiliser aussi.',
				'Si ce n’était pas vous, prévenez maintenant la personne qui gère Easy Corner.'
			],
			button: 'Vérifier mon compte'
		}
	},

	footer: {
		personalLink: 'Ce lien ouvre votre page personnelle. Ne le transférez pas.',
		participation: ({ participation, dutyLaw }) =>
			participation === 'voluntary'
				? 'La participation est libre.'
				: `La participation fait partie de l’obligation de sécurité de votre employeur${dutyLaw ? ` (${dutyLaw})` : ''}.`,
		seenBy: (organisation) =>
			`Les personnes qui ont le rôle de coordination${organisation ? ` chez ${organisation}` : ''} voient vos réponses, un médecin seulement si vous êtes d’accord. Les autres ne voient que des totaux de cinq personnes ou plus.`,
		genuine: ({ genuinePage, phone }) => {
			if (genuinePage && phone)
				return `Cet e-mail est-il authentique ? Voyez ${genuinePage} ou appelez le ${phone}.`;
			if (genuinePage) return `Cet e-mail est-il authentique ? Voyez ${genuinePage}.`;
			if (phone) return `Cet e-mail est-il authentique ? Appelez le ${phone}.`;
			return '';
		},
		product: (organisation) =>
			organisation
				? `${organisation} utilise Easy Corner pour les auto-évaluations des postes à la maison.`
				: 'Envoyé par Easy Corner, l’outil d’auto-évaluation des postes à la maison.',
		stopReminders: (address) => `Plus de rappels ? Arrêtez-les ici : ${address}`,
		phone: (phone) => `Téléphone : ${phone}`
	},

	round: {
		subject: `Vérifiez votre poste de travail à la maison (environ ${PROMISED_MINUTES.short} minutes)`,
		body: [
			'Bonjour {name},',
			'Je suis {contact}, de {organisation}. Répondez à quelques questions sur votre poste à la maison et mesurez quelques hauteurs avant le {until}. Vous recevrez un plan qui utilise des objets que vous avez chez vous.',
			`Cela prend environ ${PROMISED_MINUTES.short} minutes. Un mètre ruban aide, mais des feuilles de papier suffisent. Nous ne demandons pas de photos. Vous pouvez arrêter et reprendre plus tard.`,
			'Si quelque chose fait très mal, ou si un engourdissement persiste ou vous réveille la nuit, n’attendez pas. Consultez un médecin.'
		].join('\n\n'),
		unknownOrganisation: 'votre organisation',
		unknownContact: 'votre coordination'
	}
};
