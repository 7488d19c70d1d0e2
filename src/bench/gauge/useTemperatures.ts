'use client';
import { useState } from 'react';
import type { SlotFamily } from '@/core/record/slots';

/** What lies on the bench and is as warm as itself alone: a casting still warm from washing says nothing of the part beside it. */
export type Body = 'casting' | 'new part' | 'old part' | 'shaft';

const BODY_OF: Record<SlotFamily, Body> = {
  bore: 'casting',
  depth: 'casting',
  temperature: 'casting',
  outside: 'new part',
  inside: 'new part',
  width: 'new part',
  old_outside: 'old part',
  old_inside: 'old part',
  old_width: 'old part',
  journal: 'shaft',
  step: 'new part',
  washer: 'new part',
  straightedge: 'casting',
  gasket: 'casting',
  sunk: 'casting',
  stands_out: 'casting',
  link: 'casting',
  dial: 'shaft',
  feeler: 'casting',
  pull: 'shaft',
  pressure: 'casting',
};

/** How warm the thing that is read, and the gauge, are, °C; as the room until somebody says otherwise. */
export function useTemperatures(family: SlotFamily, roomC: number) {
  const [said, setSaid] = useState<Partial<Record<Body | 'gauge', number>>>({});
  const body = BODY_OF[family];
  return {
    body,
    metalC: said[body] ?? roomC,
    gaugeC: said.gauge ?? roomC,
    setMetalC: (celsius: number) => setSaid({ ...said, [body]: celsius }),
    setGaugeC: (celsius: number) => setSaid({ ...said, gauge: celsius }),
  };
}
