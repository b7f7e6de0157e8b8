import type { AsideTexts, Catalogue } from '../../shapes';

export const withdrawalTexts: AsideTexts['withdraw'] = {
	title: 'Retirer vos réponses ?',
	lead: 'Dès que vous appuyez sur le bouton, nous effaçons ce que vous nous avez donné : réponses, plans, suivis, demandes, messages et liens. C’est définitif.',
	stays:
		'Il reste : le fait que l’on vous a interrogé, que vous avez retiré vos réponses, et les notes de la coordination sur vos échanges. Il reste aussi des lignes du journal sans votre nom, des totaux dans d’anciens rapports et, pour un temps, des sauvegardes.',
	signStays:
		'Un signe d’alerte que vous avez signalé reste aussi à la coordination jusqu’à ce qu’elle vous ait joint.',
	confirm: 'Tout retirer',
	keep: 'Garder mes réponses',
	doneTitle: 'Vos réponses sont retirées',
	doneLead: 'Nous avons effacé vos réponses et vos liens ne fonctionnent plus. Vous pouvez fermer cette page.'
};

export const reminderTexts: AsideTexts['reminders'] = {
	title: 'Rappels',
	coming: 'Nous vous envoyons des rappels tant qu’une auto-évaluation ou un suivi est sans réponse.',
	stopped: 'Nous ne vous envoyons plus de rappels.',
	others: 'Vous recevez toujours les messages de la coordination, et elle peut vous appeler.',
	stop: 'Arrêter les rappels',
	resume: 'Recevoir à nouveau des rappels',
	back: 'Revenir à ma page'
};

export const ownRequestTexts: AsideTexts['equipment'] = {
	title: 'Équipement que vous avez demandé',
	lead: 'L’équipe de coordination décide de chaque demande. Nous vous écrirons dès qu’il y aura du nouveau.',
	none: 'Vous n’avez demandé aucun équipement.',
	withdraw: 'Retirer la demande',
	address: 'Où faut-il le livrer ?',
	addressHint: 'L’équipe de coordination et le fournisseur la voient. Nous l’effaçons quand tout est arrivé.',
	save: 'Enregistrer l’adresse',
	saved: 'Enregistrée. L’équipe de coordination voit l’adresse avec vos demandes.',
	eyeTest: 'Examen de la vue',
	entitled: (months) =>
		`Vous pouvez passer un examen de la vue sans frais pour vous${months === null ? '' : months === 1 ? ', chaque mois' : `, tous les ${months} mois`}, et plus tôt si vos yeux vous gênent.`,
	law: (law) => `Fondement : ${law}.`,
	ask: 'Demander un examen de la vue',
	lastDone: (day) => `Votre dernier examen est noté au ${day}.`,
	eyeTestAsked: 'Vous avez demandé un examen de la vue. L’équipe de coordination l’organisera avec vous.'
};

export const messageTexts: Catalogue['messages'] = {
	title: 'Messages',
	lead: 'Messages entre vous et la coordination. Les personnes qui ont le rôle de coordination peuvent les lire, et un médecin si l’on vous oriente vers lui.',
	left: 'Votre auto-évaluation est close. Vous pouvez encore lire et écrire ici.',
	none: 'Pas encore de messages.',
	you: 'Vous',
	yourCoordinator: 'Votre coordination',
	write: 'Écrire à la coordination',
	care: 'Ceci n’est pas pour les urgences. Si quelque chose ne peut pas attendre, appelez le numéro d’urgence.',
	send: 'Envoyer le message',
	back: 'Revenir à ma page',
	link: 'Messages',
	equipment: 'Demandes d’équipement',
	equipmentAndTest: 'Équipement et examen de la vue',
	eyeTest: 'un examen de la vue',
	eyeTestDone: 'fait',
	requestStates: {
		asked: 'demande en attente',
		approved: 'demande acceptée',
		ordered: 'commande passée',
		declined: 'demande refusée',
		sent: 'en route',
		arrived: 'livraison faite',
		returned: 'retour fait'
	}
};
