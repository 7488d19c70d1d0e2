'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import { useColorScheme } from '@mui/material/styles';
import { Link } from '@/ui/parts/Link';
import { memo, useState, type ReactNode, type FocusEvent } from 'react';
import type { Person } from '@/core/record/person';
import { useIsBrowser, usePerson } from '@/bench/record/hooks';
import { UrnKeySign } from '@/ui/marks/StateMark';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { KeysHelp } from './KeysHelp';
import { ShopState } from './ShopState';
import { ifOpen, later } from '@/bench/record/later';
import { Quiet } from '@/ui/parts/text';

export type Place = { href: string; name: string; isHere: boolean };

function SchemeSwitch() {
  const { mode, setMode } = useColorScheme();
  const isDark = useIsBrowser() && mode === 'dark';
  return (
    <IconButton
      aria-label={isDark ? 'Daylight' : 'Dim shop'}
      onClick={() => setMode(isDark ? 'light' : 'dark')}
    >
      {isDark ? <LightModeOutlined /> : <DarkModeOutlined />}
    </IconButton>
  );
}

const PersonPicker = later(() => import('./PersonPicker'), 'PersonPicker', ifOpen);

const TITLE_LINK = {
  color: token('ink'),
  fontWeight: 700,
  textUnderlineOffset: 4,
  display: 'inline-block',
  lineHeight: '48px',
  overflow: 'hidden',
  textOverflow: 'ellipsis',
} as const;

type TitleProps = { title: ReactNode; subtitle: ReactNode; href: string | undefined };

/** What the screen is of; it leads to where that is described and named. */
const Title = ({ title, subtitle, href }: TitleProps) => (
  <Quiet
    sx={{
      fontSize: TYPE.text,
      whiteSpace: 'nowrap',
      overflow: 'hidden',
      flex: 1,
      minWidth: 0,
      display: { xs: 'none', sm: 'flex' },
      alignItems: 'center',
      gap: 0.75,
    }}
  >
    {href ? (
      <Link href={href} style={TITLE_LINK}>
        {title}
      </Link>
    ) : (
      <Box
        component="b"
        sx={{
          color: token('ink'),
          fontWeight: 700,
          minWidth: 0,
          overflow: 'hidden',
          textOverflow: 'ellipsis',
        }}
      >
        {title}
      </Box>
    )}
    {/* What is of the title gives way first. */}
    <Box
      component="span"
      sx={{ minWidth: 0, flexShrink: 1000, overflow: 'hidden', textOverflow: 'ellipsis' }}
    >
      {subtitle}
    </Box>
  </Quiet>
);

/** The head of every screen: the sign, where one is, the places, who is at the bench, whether the record is being stored. */
export const Head = memo(function Head({
  title,
  subtitle,
  places,
  people,
  titleHref,
}: {
  title: ReactNode;
  /** Where the thing of the title is described, and can be named. */
  titleHref?: string | undefined;
  subtitle?: ReactNode;
  places: readonly Place[];
  people: readonly Person[];
}) {
  const [isPicking, setPicking] = useState(false);
  const person = usePerson(people);
  return (
    <Box
      component="header"
      className="no-print"
      sx={{
        borderBottom: `4px solid ${token('ink')}`,
        position: 'relative',
        '&::after': {
          content: '""',
          position: 'absolute',
          left: 0,
          right: 0,
          bottom: -8,
          borderBottom: `1.5px solid ${token('ink')}`,
        },
        mb: '8px',
      }}
    >
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          minHeight: 48,
          gap: { xs: 0.5, sm: 2.5 },
        }}
      >
        <Sign />
        <Title title={title} subtitle={subtitle} href={titleHref} />
        <ShopState />
        <PlaceLinks places={places} />
        <KeysHelp />
        <SchemeSwitch />
        <Button
          variant="text"
          onClick={() => setPicking(true)}
          sx={{ minHeight: 48, px: 1, fontSize: TYPE.lead }}
          aria-label={
            person
              ? `${person.initials}: ${person.name} is at the bench; change`
              : 'Who? Nobody is at the bench yet'
          }
        >
          {person === undefined ? ' ' : (person?.initials ?? 'Who?')}
        </Button>
      </Box>
      <PersonPicker people={people} isOpen={isPicking} onClose={() => setPicking(false)} />
    </Box>
  );
});

/** The sign of the shop, which leads to the bench. */
const Sign = () => (
  <Box
    component={Link}
    href="/"
    aria-label="Urn Key, to the bench"
    sx={{
      display: 'flex',
      gap: 1,
      alignItems: 'center',
      color: token('ink'),
      textDecoration: 'none',
      fontSize: TYPE.title,
      fontWeight: 850,
      fontStretch: STRETCH.headline,
      letterSpacing: '0.02em',
      minHeight: 48,
      whiteSpace: 'nowrap',
    }}
  >
    <UrnKeySign />
    <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
      URN KEY
    </Box>
  </Box>
);

/** On a narrow screen one line that is pushed sideways. */
const PLACES = {
  display: 'flex',
  alignSelf: 'stretch',
  minWidth: 0,
  flex: { xs: 1, sm: 'none' },
  overflowX: { xs: 'auto', md: 'visible' },
  scrollbarWidth: 'none',
} as const;

/** A place half out of sight comes whole when the keys reach it. */
const intoSight = ({ target }: FocusEvent) => target.scrollIntoView({ block: 'nearest', inline: 'nearest' });

type PlaceLinksProps = {
  places: readonly Place[];
};

/** The places; where one is has the line under it. */
function PlaceLinks({ places }: PlaceLinksProps) {
  return (
    <Box component="nav" aria-label="Places" onFocus={intoSight} sx={PLACES}>
      {places.map(({ href, name, isHere }) => (
        <Box
          key={name}
          component={Link}
          href={href}
          aria-current={isHere ? 'page' : undefined}
          sx={{
            display: 'flex',
            alignItems: 'center',
            px: { xs: 1, md: 1.75 },
            minWidth: 48,
            minHeight: 48,
            whiteSpace: 'nowrap',
            flexShrink: 0,
            color: isHere ? token('ink') : token('steel'),
            fontWeight: isHere ? 750 : 500,
            fontSize: TYPE.text,
            textDecoration: 'none',
            borderTop: '5px solid transparent',
            borderBottom: isHere ? `5px solid ${token('ink')}` : '5px solid transparent',
            '&:hover': { color: token('ink') },
          }}
        >
          {name}
        </Box>
      ))}
    </Box>
  );
}
