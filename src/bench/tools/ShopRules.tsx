import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { THRESHOLDS, type Thresholds } from '@/core/heat/mildest';
import { succeed } from '@/core/quantity/result';
import { keepShopEdit } from '@/bench/record/useShop';
import { EntryField, readNumber } from '@/ui/fields/EntryField';
import { Row } from '@/ui/parts/layout';
import { Note } from '@/ui/parts/text';

/** Shares are spoken of in thousandths of the diameter, forces in kilonewtons. */
const inThousandths = (share: number) => String(Math.round(share * 1e5) / 100);
const inKilonewton = (forceN: number) => String(Math.round(forceN / 10) / 100);

const scaled = (field: string, min: number, max: number, factor: number) => (typed: string) => {
  const read = readNumber(field, min, max)(typed);
  return read.ok ? succeed(read.value * factor) : read;
};

/** From where on this shop calls a nip real: above either, a bare light-alloy casting is warmed; below both, parts go in cold. */
export function ShopRules({ rules }: { rules: Thresholds }) {
  const keep = (change: Partial<Thresholds>) =>
    keepShopEdit({ what: 'rules', rules: { ...rules, ...change } });
  const isUsual = rules.nipShare === THRESHOLDS.nipShare && rules.forceN === THRESHOLDS.forceN;
  return (
    <Box sx={{ mt: 3 }} data-testid="shop-rules">
      <Typography variant="h3" component="h2">
        From where on a nip is real here
      </Typography>
      <Note>
        Above either figure a bare light-alloy casting is warmed and the part dropped; below both it goes in
        cold, and comes out cold. Common practice, no source: {inThousandths(THRESHOLDS.nipShare)} ‰ and{' '}
        {inKilonewton(THRESHOLDS.forceN)} kN.
      </Note>
      <Row sx={{ mt: 1, alignItems: 'flex-start' }}>
        <EntryField
          label="Nip, thousandths of the diameter"
          name="nip-share"
          shown={inThousandths(rules.nipShare)}
          read={scaled('nipShare', 0, 2, 1e-3)}
          onTake={(nipShare) => keep({ nipShare })}
          isNumber
          width={240}
        />
        <EntryField
          label="Force cold, kN"
          name="push-force"
          shown={inKilonewton(rules.forceN)}
          read={scaled('forceN', 0.1, 20, 1e3)}
          onTake={(forceN) => keep({ forceN })}
          isNumber
          width={240}
        />
        {!isUsual && (
          <Button variant="text" onClick={() => keep(THRESHOLDS)} sx={{ minHeight: 56 }}>
            As usual
          </Button>
        )}
      </Row>
    </Box>
  );
}
