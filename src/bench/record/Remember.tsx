'use client';
import { Row } from '@/ui/parts/layout';
import { later } from './later';
import { NoteField } from './NoteField';

const Photographs = later(() => import('./Photographs'), 'Photographs');

/** A word and pictures of a thing: a piece of work, an inspected part, a stack; mostly to remember how it was. */
export const Remember = ({ about, label }: { about: string; label: string }) => (
  <Row>
    <NoteField about={about} label={`Note: ${label}`} />
    <Photographs seatId={null} about={about} />
  </Row>
);
