import type { Catalogue } from '../../shapes';

/** Checks other than heights, now and after the plan. */
export const nonHeightCheckTexts: Catalogue['otherChecks'] = {
	foldTitle: 'Distancias, luz y su mesa vista desde arriba',
	title: 'Además de las alturas',
	now: 'ahora',
	after: 'después',
	names: {
		'seat-depth': 'Del borde del asiento a la rodilla',
		armrest: 'Codo por encima del reposabrazos',
		'under-table': 'Espacio para el reposabrazos bajo la mesa',
		distance: 'De los ojos a la pantalla',
		gaze: 'Mirada al centro de la imagen',
		letters: 'Altura de sus letras pequeñas'
	},
	good: {
		between: (low, high) => `bien de ${low} a ${high}`,
		from: (low) => `bien a partir de ${low}`
	},
	published: (low, high) => `Publicado para el centro de la imagen: de ${low} a ${high} (ISO 9241-5).`,
	schools:
		'Los especialistas no coinciden: la mirada puede tocar el borde superior, el tercio superior o el centro.',
	zoom: (percent) => `Ponga el zoom al ${percent} %.`,
	lettersHow: (height) => `A esa distancia, una letra pequeña debe medir al menos ${height}.`,
	fits: 'va bien',
	off: 'problema',
	unsure: 'aún no se sabe'
};

/** Daylight at the workstation. */
export const lightTexts: Catalogue['light'] = {
	title: 'Su ventana y el sol',
	angle: (degrees) => `La ventana está a ${degrees} de su mirada.`,
	side: 'Está bien: la luz viene de un lado.',
	turn: (degrees) => `Gire la mesa unos ${degrees} y quedará a un lado.`,
	sunLead: 'Cuándo entra el sol en un día claro a mitad de mes:',
	month: 'Mes',
	face: 'En su cara',
	screen: 'En la pantalla',
	none: 'nunca',
	never: 'Por esta ventana, el sol no llega ni a su cara ni a la pantalla.',
	assumed: 'Para una ventana de 80 cm a 2,2 m del suelo, a unos 1,5 m.'
};
