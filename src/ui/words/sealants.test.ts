import { describe, expect, it } from 'vitest';
import { SEALANT_FACTS } from '@/core/closing/sealant';
import { sayFilm, sayFilmTime } from './sealants';

describe('words of what lies between two faces', () => {
  it('a film in the person’s own unit, with the time that it leaves', () => {
    expect(sayFilm('semi_drying', 'bolt_hole', 'metric')).toBe('A film of 0.10 to 0.20\u00a0mm.');
    expect(sayFilm('semi_drying', 'bolt_hole', 'imperial')).toMatch(/in\.$/);
    expect(sayFilmTime(SEALANT_FACTS.semi_drying)).toBe('Left for 5 min, closed within 20 min.');
    expect(sayFilmTime(SEALANT_FACTS.gasket_dry)).toBe('');
  });
  it('says why one is refused, and where none of it comes', () => {
    expect(sayFilm('silicone', 'face', 'metric')).toMatch(/stops an oil way/);
    expect(sayFilm('anaerobic', 'oil_way', 'metric')).toMatch(/clear/);
    expect(sayFilm('gasket_dry', 'face', 'metric')).toMatch(/gasket alone, dry/);
  });
});
