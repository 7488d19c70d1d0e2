'use client';
import Box from '@mui/material/Box';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import type { Units } from '@/core/quantity/format';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { ApiSection } from './ApiSection';
import { BearingsSection } from './BearingsSection';
import { ClassesSection } from './ClassesSection';
import { SECTION_CODES, SECTIONS, type SectionCode } from './sections';
import {
  CautionsSection,
  MaterialsSection,
  SealsSection,
  ThreadsSection,
  WordsSection,
} from './ListSections';

const SHOWN: Record<SectionCode, (props: { units: Units }) => ReactNode> = {
  bearings: BearingsSection,
  classes: ClassesSection,
  materials: MaterialsSection,
  seals: SealsSection,
  threads: ThreadsSection,
  words: WordsSection,
  cautions: CautionsSection,
  api: ApiSection,
};

/** The reference shelf: one section at a time, each to be printed by itself. */
export function ReferencePage({ section, ...place }: PlaceProps & { section: SectionCode }) {
  const person = usePerson(place.people);
  const Section = SHOWN[section];
  return (
    <PlaceFrame here="Reference" title="Reference" subtitle={SECTIONS[section].toLowerCase()} {...place}>
      <Box
        component="nav"
        aria-label="Sections"
        className="no-print"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 3,
          borderBottom: `1.5px solid ${token('ink')}`,
          mb: 2,
        }}
      >
        {SECTION_CODES.map((code) => (
          <Box
            key={code}
            component={Link}
            href={`/reference/${code}`}
            aria-current={code === section ? 'page' : undefined}
            sx={{
              display: 'flex',
              alignItems: 'center',
              minHeight: 52,
              fontSize: TYPE.name,
              fontWeight: code === section ? 800 : 500,
              fontStretch: STRETCH.headline,
              color: token(code === section ? 'ink' : 'steel'),
              textDecoration: 'none',
              borderBottom: code === section ? `5px solid ${token('ink')}` : '5px solid transparent',
            }}
          >
            {SECTIONS[code]}
          </Box>
        ))}
      </Box>
      <Section units={person?.units ?? 'metric'} />
    </PlaceFrame>
  );
}
