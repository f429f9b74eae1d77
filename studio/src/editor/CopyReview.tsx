import { Box, Button, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { reviewOf, type ReviewItem } from '@sirene/core/review/check';
import { CircleAlert } from 'lucide-react';
import { useLocation, useNavigate } from 'react-router';
import { Sheet } from '../shared/Sheet.tsx';
import { useDocument, useEditing } from './state/editing.ts';
import { useSelection } from './state/selection.ts';
import { useView } from './state/view.ts';
import { inBackground } from '../shared/background.ts';

/** What is worth checking in a copy, the first time it is opened. */
export function CopyReview() {
  const { state, pathname } = useLocation() as { state: { copyOf?: string } | null; pathname: string };
  const navigate = useNavigate();
  const { brand } = useEditing();
  const document = useDocument();
  if (!state?.copyOf) return null;
  const close = () => inBackground(navigate(pathname, { replace: true, state: null }));
  return (
    <Sheet title={`A copy of ${state.copyOf}`} onClose={close}>
      <Text mb="3">It is a draft. Review what may still refer to the original:</Text>
      <Stack as="ul" listStyleType="none" gap="0">
        {reviewOf(document, brand).map((item) => (
          <Item key={item.title} item={item} onLeave={close} />
        ))}
      </Stack>
    </Sheet>
  );
}

function Item({ item, onLeave }: { item: ReviewItem; onLeave(): void }) {
  const { session } = useEditing();
  const { selectAll } = useSelection();
  const { goTo } = useView();
  const { title, says, station, elements, broken } = item;
  return (
    <Flex as="li" gap="3" py="2" borderTopWidth="1px" align="start">
      <Flex w="150px" flex="none" gap="1.5" color={broken ? 'wine' : 'slate'}>
        {broken && <CircleAlert size={15} aria-hidden style={{ flex: 'none', marginTop: 2 }} />}
        {title}
      </Flex>
      {title === 'Name' ? (
        <Input
          size="xs"
          flex="1"
          aria-label="Copy name"
          maxLength={120}
          value={says[0] ?? ''}
          onChange={({ target }) =>
            target.value && session.apply({ type: 'set', path: ['name'], value: target.value }, 'name')
          }
        />
      ) : (
        <Box flex="1" minW="0" overflowWrap="anywhere">
          {says.map((one, at) => (
            <div key={at}>{one}</div>
          ))}
        </Box>
      )}
      {(station ?? elements) && (
        <Button
          size="2xs"
          variant="outline"
          colorPalette="plain"
          onClick={() => {
            if (station) goTo(station);
            else if (elements) selectAll(elements);
            onLeave();
          }}
        >
          Change
        </Button>
      )}
    </Flex>
  );
}
