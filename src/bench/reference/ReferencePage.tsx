'use client';
import Box from '@mui/material/Box';
import { Link } from '@/ui/parts/Link';
import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import type { Units } from '@/core/quantity/format';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { SECTION_CODES, SECTIONS, type SectionCode } from './sections';

const lists = () => import('./ListSections');
/** Each section comes with its own page: the tables of the others stay on the shelf. */
const SHOWN: Record<SectionCode, ComponentType<{ units: Units }>> = {
  bearings: dynamic(() => import('./BearingsSection').then((m) => m.BearingsSection)),
  classes: dynamic(() => import('./ClassesSection').then((m) => m.ClassesSection)),
  materials: dynamic(() => lists().then((m) => m.MaterialsSection)),
  seals: dynamic(() => lists().then((m) => m.SealsSection)),
  threads: dynamic(() => lists().then((m) => m.ThreadsSection)),
  words: dynamic(() => lists().then((m) => m.WordsSection)),
  cautions: dynamic(() => lists().then((m) => m.CautionsSection)),
  api: dynamic(() => import('./ApiSection').then((m) => m.ApiSection)),
};

/** The reference shelf: one section at a time, each to be printed by itself. */
export function ReferencePage({ section, ...place }: PlaceProps & { section: SectionCode }) {
  const person = usePerson(place.people);
  const Section = SHOWN[section];
  return (
    <PlaceFrame
      isTitleHeading
      here="Reference"
      title="Reference"
      subtitle={SECTIONS[section].toLowerCase()}
      {...place}
    >
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
