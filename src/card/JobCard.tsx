import { Document, Page, Text, View } from '@react-pdf/renderer';
import { drawFloat } from '@/bench/float/drawFloat';
import { sceneOfSeat } from '@/bench/seat/sceneOfSeat';
import { CAUTIONS as PLAN_CAUTIONS } from '@/core/catalogue/cautions';
import { overruledOf, PROVED_BY, proofsOf } from '@/core/handOver/proofs';
import { viewFloats } from '@/core/job/floatView';
import { viewJoint } from '@/core/job/jointView';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { JobView } from '@/core/job/seatView';
import type { ProjectedJob } from '@/core/project/project';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { REFERENCE_C } from '@/core/quantity/measured';
import { FLUIDS, SIGNERS } from '@/core/record/closingVocabulary';
import type { Scene } from '@/ui/drawing/scene';
import { sceneOfCasting, seatLetter } from '@/ui/drawing/sceneOfCasting';
import { day } from '@/ui/words/clock';
import { FLUID_WORDS, PROVED_WORDS, sayMinutes, sayOverruled, SIGNER_WORDS } from '@/ui/words/handOver';
import { sayReadWith } from '@/ui/words/seatSheet';
import { CAUTIONS } from '@/ui/words/verdicts';
import { floatRows, sayTightened, SEAT_HEADS, seatRow, workDone } from './cardWords';
import { Foot, Part, Said, STYLE, Table } from './parts';
import { SceneInPdf } from './SceneInPdf';

export type CardInput = {
  record: ProjectedJob;
  job: JobView;
  shopName: string;
  units: Units;
  printedMs: number;
};

/** The card of a job: what was done and how it stands, for its owner; what it was measured with and what is doubtful, for the workshop. */
export const JobCard = (input: CardInput) => {
  const { record, shopName } = input;
  const foot = `${shopName} · job ${record.number} · ${record.machine}`;
  return (
    <Document title={`Job ${record.number}, ${record.machine}`} author={shopName} language="en">
      <Page size="A4" style={STYLE.page}>
        <Head {...input} title="What was done" />
        <CustomerPage {...input} />
        <Foot words={foot} />
      </Page>
      <Page size="A4" style={STYLE.page}>
        <Head {...input} title="Workshop page" />
        <WorkshopPage {...input} />
        <Foot words={foot} />
      </Page>
    </Document>
  );
};

const Head = ({ record, job, shopName, units, printedMs, title }: CardInput & { title: string }) => {
  const { handedOverMs } = job.work.handOver;
  return (
    <View style={{ borderBottom: '2 solid #111', paddingBottom: 6 }}>
      <Said isStrong>{shopName}</Said>
      <Text style={STYLE.title}>{`${title}: ${record.machine}`}</Text>
      <Said>
        {`${record.machineSort} · job ${record.number} · begun ${day(record.openedAt)} · ${
          handedOverMs === null
            ? `not handed over yet, as of ${day(printedMs)}`
            : `handed over ${day(handedOverMs)}`
        }`}
      </Said>
      <Said isQuiet>
        {`Sizes as they are at ${asText(showTemperature(REFERENCE_C, units))}. ± is twice the standard uncertainty.`}
      </Said>
    </View>
  );
};

const SEAT_WIDTHS = [0.17, 0.24, 0.25, 0.18, 0.16];
const FLOAT_WIDTHS = [0.27, 0.35, 0.24, 0.14];

const Floats = ({ job, units }: CardInput) => {
  const rows = floatRows(job, units);
  return rows.length > 0 ? (
    <Part heading="Between parts">
      <Table widths={FLOAT_WIDTHS} heads={['what', 'found', 'wanted', '']} rows={rows} />
    </Part>
  ) : null;
};

const CustomerPage = (input: CardInput) => {
  const { record, job, units } = input;
  const { refilled } = job.work.handOver;
  const fluids = FLUIDS.filter((fluid) => refilled[fluid] !== undefined);
  const done = workDone(job);
  const open = proofsOf(job).filter(({ by }) => by === 'open');
  return (
    <>
      <Part heading="Bearings and seals">
        <Table widths={SEAT_WIDTHS} heads={SEAT_HEADS} rows={job.seats.map((view) => seatRow(view, units))} />
      </Part>
      <Floats {...input} />
      {done.length > 0 && (
        <Part heading="Also done">
          <Said>{`${done.join('; ')}.`}</Said>
        </Part>
      )}
      {open.length > 0 && (
        <Part heading="Not proved yet">
          <Said isStrong>{`${open.map(({ name }) => name).join('; ')}.`}</Said>
        </Part>
      )}
      {fluids.length > 0 && (
        <Part heading="Filled in">
          <Said>{`${fluids.map((fluid) => `${FLUID_WORDS[fluid]} ${refilled[fluid] ?? ''}`.trim()).join('; ')}.`}</Said>
        </Part>
      )}
      <Part heading="Mind">
        {PLAN_CAUTIONS.filter(({ code }) => record.plan.cautions.includes(code)).map(({ code, caution }) => (
          <Said key={code}>{caution}</Said>
        ))}
        <Said>{CAUTIONS.manual_first}</Said>
      </Part>
      <Signatures {...input} />
    </>
  );
};

/** Whoever signed on the screen stands there by name; a line is left for the pen all the same. */
const Signatures = ({ job, shopName }: CardInput) => (
  <View style={{ flexDirection: 'row', marginTop: 40 }} wrap={false}>
    {SIGNERS.map((as) => {
      const signed = job.work.handOver.signatures.find((each) => each.as === as);
      const who = as === 'workshop' && shopName ? `For ${shopName}` : SIGNER_WORDS[as];
      return (
        <View key={as} style={{ flex: 1, marginRight: 30 }}>
          <Said isStrong>{signed ? `${signed.name}, ${day(signed.atMs)}` : ' '}</Said>
          <View style={{ borderTop: '1 solid #111', paddingTop: 2 }}>
            <Said isQuiet>{`${who}: name, day, signature`}</Said>
          </View>
        </View>
      );
    })}
  </View>
);

type Picture = { id: string; title: string; scene: Scene; under?: string };

/** Two in a row; a row stays on its page, and the heading with the first. */
const Pictures = ({ heading, pictures }: { heading: string; pictures: readonly Picture[] }) =>
  pictures.map(
    ({ id }, i) =>
      i % 2 === 0 && (
        <View key={id} wrap={false}>
          {i === 0 && <Text style={STYLE.heading}>{heading}</Text>}
          <View style={{ flexDirection: 'row' }}>
            {pictures.slice(i, i + 2).map((each) => (
              <View key={each.id} style={{ width: HALF_PT, marginRight: 7, marginBottom: 8 }}>
                <Said isStrong>{each.title}</Said>
                <SceneInPdf scene={each.scene} id={each.id} widthPt={HALF_PT} />
                {each.under && <Said>{each.under}</Said>}
              </View>
            ))}
          </View>
        </View>
      ),
  );

/** Castings that are seen from their face, with their bolts by their turn where they were tightened. */
const castingPictures = ({ record, job }: CardInput): Picture[] =>
  record.castings.map((casting) => ({
    id: casting.id,
    title: `${casting.name}${sayTightened(casting, job)}`,
    scene: sceneOfCasting(casting, viewJoint(casting)?.order ?? null, DRAWN),
    under: `${casting.seats.map(({ name }, i) => `${seatLetter(i)} ${name}`).join('; ')}.`,
  }));

/** Seats in section, and what was read between parts. */
const scalePictures = ({ job, units }: CardInput): Picture[] => [
  ...job.seats.map((view) => ({
    id: view.seat.id,
    title: view.seat.name,
    scene: sceneOfSeat(view, units, DRAWN),
  })),
  ...viewFloats(job)
    .filter(({ decision }) => decision !== null)
    .map((view) => ({
      id: view.float.key,
      title: view.float.name,
      scene: drawFloat(view, units, FLOAT_DRAWN),
    })),
];

const DRAWN = { width: 540, height: 420 } as const;
const FLOAT_DRAWN = { width: 560, height: 470 } as const;
const HALF_PT = 250;

const WorkshopPage = (input: CardInput) => {
  const { record, job, units } = input;
  const { handOver } = job.work;
  const proofs = proofsOf(job);
  const overruled = overruledOf(job);
  return (
    <>
      <Part heading="Measured with">
        <Table
          widths={[0.22, 0.78]}
          heads={['place', 'readings and instruments']}
          rows={job.seats.map((view) => ({
            key: view.seat.id,
            cells: [view.seat.name, sayReadWith(view, record, units)],
          }))}
        />
      </Part>
      <Part heading="Proved">
        {PROVED_BY.flatMap((by) => {
          const those = proofs.filter((proof) => proof.by === by);
          return those.length > 0
            ? [
                <Said
                  key={by}
                >{`${those.length} ${PROVED_WORDS[by]}: ${those.map(({ name }) => name).join('; ')}.`}</Said>,
              ]
            : [];
        })}
      </Part>
      {overruled.length > 0 && (
        <Part heading="Taken all the same">
          {overruled.map((each) => (
            <Said key={sayOverruled(each)}>{`${sayOverruled(each)}.`}</Said>
          ))}
        </Part>
      )}
      <Account handOver={handOver} />
      <Pictures heading="Castings, bolts by their turn" pictures={castingPictures(input)} />
      <Pictures heading="Drawn to scale, fits much enlarged" pictures={scalePictures(input)} />
      <Said isQuiet>{`Formulas ${FORMULA_VERSION}.`}</Said>
    </>
  );
};

const spentWords = (minutes: number | undefined, cost: number | undefined) =>
  [minutes === undefined ? '' : sayMinutes(minutes), cost === undefined ? '' : cost.toFixed(2)]
    .filter(Boolean)
    .join(', ') || 'not said';

/** Time and money, tools, and why it was open before. */
const Account = ({ handOver }: { handOver: JobView['work']['handOver'] }) => {
  const { estimate, spent, toolsMissing, earlier } = handOver;
  return (
    <Part heading="Time, cost, tools">
      <Said>
        {`Estimated: ${spentWords(estimate.minutes, estimate.cost)}. Spent: ${spentWords(spent.minutes, spent.cost)}. Tools: ${
          toolsMissing === null ? 'not counted' : toolsMissing === '' ? 'all back' : `missing ${toolsMissing}`
        }.`}
      </Said>
      {earlier.map(({ openedMs, why }) => (
        <Said key={openedMs}>{`Opened again ${day(openedMs)}: ${why}`}</Said>
      ))}
    </Part>
  );
};
