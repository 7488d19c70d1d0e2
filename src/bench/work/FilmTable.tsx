'use client';
import Box from '@mui/material/Box';
import { FILM_PLACES, SEALANT_FACTS, SEALANTS, type Sealant } from '@/core/closing/sealant';
import { useJob } from '@/bench/record/JobProvider';
import { Note } from '@/ui/parts/text';
import { FILM_PLACE_WORDS, sayFilm, sayFilmTime } from '@/ui/words/sealants';

const isSealant = (choice: string): choice is Sealant => (SEALANTS as readonly string[]).includes(choice);

/** Which film lies where between two faces, with what is taken for it. */
export function FilmTable({ sealant: chosen }: { sealant: string | null }) {
  const { person } = useJob();
  const sealant = chosen && isSealant(chosen) ? chosen : 'anaerobic';
  return (
    <Box data-testid="film" sx={{ mt: 0.5 }}>
      <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2 }}>
        {FILM_PLACES.map((place) => (
          <Box key={place} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ fontWeight: 700 }}>
              {FILM_PLACE_WORDS[place]}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {sayFilm(sealant, place, person?.units ?? 'metric')}
            </Box>
          </Box>
        ))}
      </Box>
      <Note>{sayFilmTime(SEALANT_FACTS[sealant])} The word on the tin comes first.</Note>
    </Box>
  );
}
