'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { JointView } from '@/core/job/jointView';
import { asText, type Units } from '@/core/quantity/format';
import { parseQuantity, showQuantity } from '@/core/quantity/quantities';
import { BOLT_FINDINGS, TURN_FEELS } from '@/core/record/closingVocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField } from '@/ui/fields/EntryField';
import { Column, Row } from '@/ui/parts/layout';
import { Huge } from '@/ui/parts/Huge';
import { Lead, Note, Quiet, Text } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import { BOLT_WORDS, FEEL_WORDS } from '@/ui/words/closing';

type Props = { view: JointView; units: Units; chosen: number | null };

const torqueWords = (torqueNm: number, units: Units) => asText(showQuantity(torqueNm, 'newton_metre', units));

/** The one thing to do now, in type for two metres: this bolt so tight, or turn it and say how it turns. */
export const BoltSlate = ({ view, units, chosen }: Props) => (
  <Column data-testid="bolt-slate" sx={{ gap: 1 }}>
    <Now view={view} units={units} />
    {view.worseSince !== null && (
      <Lead role="alert" data-testid="worse-since" sx={{ fontWeight: 750 }}>
        It turns worse since {view.worseSince === 0 ? 'the start' : `pass ${view.worseSince}`}: that pass made
        it bind. Loosen it, look for what stands between, and begin again.
      </Lead>
    )}
    {chosen !== null && <OneBolt view={view} bolt={chosen} />}
    <Torque view={view} units={units} />
  </Column>
);

function Now({ view: { casting, next, feelDue, isTight, order }, units }: Omit<Props, 'chosen'>) {
  const { addEvent } = useJob();
  const at = { castingId: casting.id };
  if (feelDue !== null)
    return (
      <Box data-testid="feel-due">
        <Huge data-testid="bolt-now">
          {feelDue === 0 ? 'Turn it once before the first bolt.' : `Pass ${feelDue} is done: turn it.`}
        </Huge>
        <ChoiceRow
          label="It"
          options={TURN_FEELS.map((value) => ({ value, words: FEEL_WORDS[value] }))}
          value={null}
          onPick={(feel) => addEvent('turn_felt', { pass: feelDue, feel }, at)}
        />
      </Box>
    );
  if (isTight || !next)
    return (
      <Box>
        <Huge data-testid="bolt-now">All are tight.</Huge>
        <Text>Each bolt in each pass, and turned after every one.</Text>
      </Box>
    );
  return (
    <Box data-testid="next-bolt" data-bolt={next.bolt}>
      <Huge data-testid="bolt-now">
        Bolt {order.indexOf(next.bolt) + 1}:{' '}
        {next.torqueNm === null
          ? next.pass === next.passes
            ? 'tight, short ratchet'
            : 'snug'
          : torqueWords(next.torqueNm, units)}
      </Huge>
      <Lead>
        Pass {next.pass} of {next.passes}
        {next.torqueNm !== null && `, ${Math.round(100 * next.share)} %`}; criss-cross from the middle.
      </Lead>
      <Button
        variant="contained"
        fullWidth
        sx={{ mt: 1, minHeight: 96, fontSize: TYPE.headline }}
        data-testid="bolt-done"
        onClick={() => addEvent('bolt_tightened', { bolt: next.bolt, pass: next.pass }, at)}
      >
        It is
      </Button>
    </Box>
  );
}

/** What is seen of one bolt as it is dropped into its hole, or turned. */
function OneBolt({ view: { casting, order, joint }, bolt }: { view: JointView; bolt: number }) {
  const { addEvent } = useJob();
  const found = joint.findings[bolt] ?? null;
  return (
    <Box data-testid="one-bolt">
      <ChoiceRow
        label={`Bolt ${order.indexOf(bolt) + 1}`}
        options={BOLT_FINDINGS.map((value) => ({ value, words: BOLT_WORDS[value].name }))}
        value={found}
        onPick={(what) => addEvent('bolt_noted', { bolt, what }, { castingId: casting.id })}
      />
      {found && BOLT_WORDS[found].then !== '' && <Note>{BOLT_WORDS[found].then}</Note>}
    </Box>
  );
}

/** Final torque from the machine’s manual, or by hand; another one begins anew. */
function Torque({ view: { casting, joint }, units }: Omit<Props, 'chosen'>) {
  const { addEvent } = useJob();
  const at = { castingId: casting.id };
  return (
    <Box>
      <Row>
        <EntryField
          label="Final torque, from the manual"
          name="torque"
          width={230}
          shown={joint.torqueNm === null ? '' : torqueWords(joint.torqueNm, units)}
          read={(typed) => parseQuantity(typed, 'newton_metre', units)}
          onTake={(torqueNm) => addEvent('joint_set', { torqueNm }, at)}
        />
        {joint.torqueNm !== null && (
          <Button variant="text" onClick={() => addEvent('joint_set', { torqueNm: null }, at)}>
            By hand
          </Button>
        )}
        {joint.tightened.length > 0 && (
          <Button variant="text" onClick={() => addEvent('joint_loosened', {}, at)}>
            Loosened again
          </Button>
        )}
      </Row>
      <Quiet>
        Without a torque: by hand with a short ratchet, snug, then tight. Another torque begins anew.
      </Quiet>
    </Box>
  );
}
