import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { placeOf } from '@sirene/core/behaviour';
import type { Clash, PlanInput, PlanRow } from '@sirene/core/rehearse/plan';
import { Link } from 'react-router';
import type { PlannedWidget } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { StateMark } from '../../shared/StateMark.tsx';
import { inBackground } from '../../shared/background.ts';
import { useAttempt } from '../../shared/use-attempt.ts';
import { presenceNames } from './marks.tsx';
import type { Chosen } from './PlanGrid.tsx';
import { before, changeDraft, offPage, type Repair } from './repairs.ts';

interface Props {
  input: PlanInput & { widgets: readonly PlannedWidget[] };
  chosen: Chosen | null;
  row: PlanRow | null | undefined;
  onChanged(): void;
}

/** What a widget does on a page, whom it gets in the way of there, and what settles that. */
export function ClashPanel({ input, chosen, row, onChanged }: Props) {
  const page = chosen && input.pages[chosen.page];
  const widget = chosen && input.widgets[chosen.widget];
  const presence = chosen && row?.presence[chosen.widget];
  return (
    <Box
      as="section"
      aria-label="Chosen cell"
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      w="300px"
      flex="none"
      p="4"
      maxH="calc(100dvh - 210px)"
      overflow="auto"
    >
      {!page || !widget || !presence || !row ? (
        <Text color="slate">
          Choose a cell to see who meets the widget on that page, and what it clashes with.
        </Text>
      ) : (
        <Stack gap="3">
          <Box>
            <Text fontWeight="600">{widget.name}</Text>
            <Text fontFamily="mono" fontSize="13px" color="slate" overflowWrap="anywhere">
              {placeOf(page.address).path}
            </Text>
            <Text mt="1">Appears to {presenceNames[presence]}.</Text>
          </Box>
          {row.clashes
            .filter(({ one, other }) => one === widget.id || other === widget.id)
            .map((clash) => (
              <ClashRow
                key={`${clash.one} ${clash.other}`}
                clash={clash}
                widgets={input.widgets}
                address={page.address}
                onChanged={onChanged}
              />
            ))}
        </Stack>
      )}
    </Box>
  );
}

const because: Readonly<Record<Clash['because'], string>> = {
  turns: 'Both interrupt, and only one may at a time.',
  place: 'They would lie on one another.',
  'place-on-phones': 'On phones they would lie on one another.',
};

function ClashRow({
  clash,
  widgets,
  address,
  onChanged,
}: {
  clash: Clash;
  widgets: readonly PlannedWidget[];
  address: string;
  onChanged(): void;
}) {
  const { error, busy, attempt } = useAttempt();
  const [a, b] = [clash.one, clash.other].map((id) => widgets.find((one) => one.id === id));
  if (!a || !b) return null;
  const settle = (widget: PlannedWidget, repair: Repair) =>
    inBackground(attempt(() => changeDraft(widget.id, repair)).then((went) => went && onChanged()));
  const first = clash.first === a.id ? a : clash.first === b.id ? b : null;
  const pairs: [PlannedWidget, PlannedWidget][] = [
    [a, b],
    [b, a],
  ];
  return (
    <Stack gap="2" borderTopWidth="1px" pt="3">
      <StateMark tone={first ? 'waiting' : 'bad'} wraps>
        {`${a.name} and ${b.name}`}
      </StateMark>
      <Text>{because[clash.because]}</Text>
      <Text>
        <Text as="span" color="slate">
          Met by:{' '}
        </Text>
        {clash.example.length > 0 ? clash.example.join(', ') : 'every visitor for whom both trigger'}
      </Text>
      <Text>
        {first ? `${first.name} comes first by its priority.` : 'Nothing decides which comes first.'}
      </Text>
      {error !== null && <ErrorNote error={error} />}
      <Flex gap="1.5" wrap="wrap">
        {pairs
          .filter(([one]) => one !== first)
          .map(([one, other]) => (
            <Button
              key={one.id}
              size="xs"
              variant="outline"
              colorPalette="plain"
              disabled={busy}
              onClick={() => settle(one, before(other.priority))}
            >
              {`Show ${one.name} first`}
            </Button>
          ))}
        {pairs.map(([one]) => (
          <Button
            key={`off ${one.id}`}
            size="xs"
            variant="outline"
            colorPalette="plain"
            disabled={busy}
            onClick={() => settle(one, offPage(address))}
          >
            {`Exclude page from ${one.name}`}
          </Button>
        ))}
        {pairs.map(([one]) => (
          <Button key={`place ${one.id}`} asChild size="xs" variant="ghost" colorPalette="plain">
            <Link to={`/widgets/${one.id}`}>{`Edit ${one.name}`}</Link>
          </Button>
        ))}
        <Button asChild size="xs" variant="ghost" colorPalette="plain">
          <Link to="/site">Quiet gap and limits</Link>
        </Button>
      </Flex>
      <Text color="slate" fontSize="13px">
        Changes are made in the draft. Publish it to make them live.
      </Text>
    </Stack>
  );
}
