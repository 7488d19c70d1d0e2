import { StyleSheet, Text, View } from '@react-pdf/renderer';
import type { ReactNode } from 'react';
import { CARD_FONT, onPaper } from './paper';

/** What the pages of the card are laid out with. Sizes in pt. */
export const STYLE = StyleSheet.create({
  page: { fontFamily: CARD_FONT, fontSize: 9.5, lineHeight: 1.35, padding: '42 40 50 40', color: '#111' },
  title: { fontSize: 22, fontWeight: 700, lineHeight: 1.1 },
  heading: { fontSize: 12, fontWeight: 700, marginTop: 12, marginBottom: 3 },
  strong: { fontWeight: 700 },
  quiet: { color: '#555' },
  row: { flexDirection: 'row', borderBottom: '0.6 solid #bbb', paddingVertical: 3 },
  rowHead: { flexDirection: 'row', borderBottom: '1.4 solid #111', paddingVertical: 2 },
  foot: {
    position: 'absolute',
    left: 40,
    right: 40,
    bottom: 24,
    flexDirection: 'row',
    fontSize: 8,
    color: '#555',
  },
});

export const Said = ({
  children,
  isStrong = false,
  isQuiet = false,
}: {
  children: string;
  isStrong?: boolean;
  isQuiet?: boolean;
}) => <Text style={{ ...(isStrong && STYLE.strong), ...(isQuiet && STYLE.quiet) }}>{onPaper(children)}</Text>;

/** What has to fit below a heading on the same page, pt. */
const AHEAD_PT = 40;

/** A heading with what belongs below it; it is not left alone at the foot of a page. */
export const Part = ({ heading, children }: { heading: string; children: ReactNode }) => (
  <View>
    <Text style={STYLE.heading} minPresenceAhead={AHEAD_PT}>
      {heading}
    </Text>
    {children}
  </View>
);

/** A table: widths as shares of the page, a row of words each; a row stays on one page. */
export const Table = ({
  widths,
  heads,
  rows,
}: {
  widths: readonly number[];
  heads: readonly string[];
  rows: readonly { key: string; cells: readonly string[] }[];
}) => {
  const cell = (words: string, i: number, isStrong: boolean) => (
    <View key={i} style={{ width: `${100 * widths[i]!}%`, paddingRight: 8 }}>
      <Said isStrong={isStrong}>{words}</Said>
    </View>
  );
  return (
    <View>
      <View style={STYLE.rowHead}>{heads.map((words, i) => cell(words, i, false))}</View>
      {rows.map(({ key, cells }) => (
        <View key={key} style={STYLE.row} wrap={false}>
          {cells.map((words, i) => cell(words, i, i === 0))}
        </View>
      ))}
    </View>
  );
};

/** Whose page it is, and which of how many. */
export const Foot = ({ words }: { words: string }) => (
  <View style={STYLE.foot} fixed>
    <Text style={{ flex: 1 }}>{onPaper(words)}</Text>
    <Text render={({ pageNumber, totalPages }) => `page ${pageNumber} of ${totalPages}`} />
  </View>
);
