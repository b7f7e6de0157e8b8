import type { AsideTexts, Catalogue } from '../../shapes';

export const frameTexts: Catalogue['frame'] = {
	skip: 'Aller aux questions',
	saved: (time) => `Enregistré ${time}`,
	saving: 'Enregistrement …',
	notSaved:
		'Pas encore envoyé. C’est enregistré sur cet appareil et nous l’enverrons dès que vous serez en ligne.',
	refused:
		'Nous n’avons pas pu enregistrer une réponse. Saisissez-la à nouveau, plus courte et sans caractères spéciaux.',
	ended:
		'Ce lien ne fonctionne plus et les nouvelles réponses ne peuvent pas être enregistrées. Demandez un nouveau lien à la coordination.',
	back: 'Retour',
	byPhone: (name) =>
		name ? `Au téléphone avec ${name}, qui note ce qui est dit.` : 'Ces réponses sont données au téléphone.',
	toCase: 'Retour au dossier',
	theme: { light: 'Clair', dark: 'Sombre', label: 'Couleurs' },
	textSize: { label: 'Taille du texte', normal: 'normale', large: 'grande', larger: 'plus grande' },
	unitLabel: 'Longueurs en',
	unit: { cm: 'centimètres', in: 'pouces', mm: 'millimètres' },
	language: 'Langue',
	pages: 'Pages',
	contents: 'Sommaire',
	together: 'Regarder ensemble'
};

export const navTexts: Catalogue['nav'] = {
	next: (page) => `Suite : ${page}`,
	on: 'Suite',
	skip: 'Passer',
	how: 'Comment ?',
	howAndWhy: 'Pourquoi ?',
	measured: 'Autre',
	minutesLeft: (minutes) => `encore environ ${minutes} min`,
	almostDone: 'presque fini',
	nothingHere: 'Il n’y a rien à répondre ici. Continuez.',
	finish: 'Afficher mon plan',
	fix: (n) => (n === 1 ? 'Vérifiez une réponse' : `Vérifiez ${n} réponses`),
	fixLead: 'Tout ce que vous avez saisi est encore là.'
};

export const deviceTexts: Catalogue['device'] = {
	title: 'Continuer sur votre téléphone',
	lead: 'Il est plus facile de mesurer avec le téléphone en main. Visez ce code QR avec l’appareil photo pour y ouvrir les mêmes questions. Les deux appareils restent à jour.',
	link: 'Continuer sur votre téléphone',
	alt: 'Code QR de votre lien personnel',
	care: 'Toute personne qui a ce code peut voir vos réponses. Ne le partagez pas.'
};

export const lengthFaultTexts: Catalogue['faults'] = {
	title: 'Cela n’a pas fonctionné',
	network: 'Nous n’avons pas pu joindre la page. Ce que vous avez saisi est enregistré sur cet appareil.',
	noAccess: 'Vous n’avez pas accès à cette page',
	toStart: 'Aller à votre page de départ',
	again: 'Réessayer',
	withdrawStill: 'Retirer mes réponses',
	offline: 'Vous êtes hors ligne. Réessayez quand vous serez en ligne.'
};

/** Shown offline instead of a page that needs the server. */
export const offlineTexts: AsideTexts['withoutNetwork'] = {
	title: 'Cette page a besoin d’internet',
	lead: 'Vous êtes hors ligne. Vos réponses sont en sécurité sur cet appareil et vous pouvez continuer.',
	back: 'Revenir à mes réponses'
};

/** Texts of the controls. */
export const controlTexts: Catalogue['kit'] = {
	noMatch: 'Aucun résultat.'
};

/** For someone who asks for help. */
export const helpRequestTexts: Catalogue['stuck'] = {
	link: 'J’ai besoin d’aide ici',
	plan: 'Votre plan',
	title: 'Besoin d’aide ? La coordination vous aidera.',
	lead: (where) => `Elle verra où vous en êtes : ${where}. Quel est le problème ?`,
	call: 'Appelez-moi, s’il vous plaît',
	message: (where, text, isCall) =>
		[`Besoin d’aide pour : ${where}.`, text.trim(), isCall ? 'Appelez-moi, s’il vous plaît.' : '']
			.filter(Boolean)
			.join('\n')
};
