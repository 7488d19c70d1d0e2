import { describe, expect, it } from 'vitest';
import { FILM_PLACES, filmAt, SEALANTS } from './sealant';

/** Products of this sort close 0.25 mm (anaerobic flange sealants, from memory); the rest is common practice, no source. */
describe('what lies between two faces', () => {
  it('nothing comes near an oil way, whatever is taken', () => {
    for (const sealant of SEALANTS) expect(filmAt(sealant, 'oil_way').is).not.toBe('film');
  });
  it('plain silicone is refused everywhere: what is pressed inward comes off', () => {
    for (const place of FILM_PLACES)
      expect(filmAt('silicone', place)).toEqual({ is: 'refused', because: 'comes_off' });
  });
  it('a score is filled as deep as it is, until it is wider than the film closes', () => {
    const film = filmAt('anaerobic', 'scored', 0.25);
    expect(film).toEqual({ is: 'film', lowMm: 0.35, highMm: 0.45 });
    expect(filmAt('anaerobic', 'scored', 0.3)).toEqual({ is: 'refused', because: 'gap_too_wide' });
    expect(filmAt('semi_drying', 'scored', 0.3).is).toBe('film');
  });
  it('a gasket is dry but for a score beside it', () => {
    expect(filmAt('gasket_dry', 'face')).toEqual({ is: 'none' });
    expect(filmAt('gasket_dry', 'scored')).toEqual({ is: 'refused', because: 'gap_too_wide' });
  });
});
