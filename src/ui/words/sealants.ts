import { filmAt, type FilmPlace, type Sealant, type SEALANT_FACTS } from '@/core/closing/sealant';
import { asText, showSize, type Units } from '@/core/quantity/format';

/** Words of what lies between two faces. */
export const FILM_PLACE_WORDS: Record<FilmPlace, string> = {
  face: 'On the face',
  bolt_hole: 'Round the bolt holes',
  scored: 'Where it is scored',
  oil_way: 'By an oil way',
};

const REFUSED_WORDS = {
  comes_off: 'Not this: what is pressed inward comes off and stops an oil way.',
  gap_too_wide: 'Not this: the gap is wider than it closes.',
} as const;

export function sayFilm(sealant: Sealant, place: FilmPlace, units: Units): string {
  const film = filmAt(sealant, place);
  if (film.is === 'refused') return REFUSED_WORDS[film.because];
  if (film.is === 'none')
    return place === 'oil_way' ? 'None, a finger’s width clear.' : 'None: the gasket alone, dry.';
  const size = (mm: number) => showSize(mm, units, 2);
  return `A film of ${size(film.lowMm).figure} to ${asText(size(film.highMm))}.`;
}

export const sayFilmTime = ({ minutes: { from, to } }: (typeof SEALANT_FACTS)[Sealant]): string =>
  to === Infinity
    ? ''
    : from > 0
      ? `Left for ${from} min, closed within ${to} min.`
      : `Closed within ${to} min, at once is best.`;
