import { Button, Flex, IconButton, Input, NativeSelect, Stack, Text } from '@chakra-ui/react';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { at, type Board, put, type Site, type Stage } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { Sheet } from '../../shared/Sheet.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';

/** A stage as it is written here: a new one has no id yet. */
interface Draft {
  id?: string;
  name: string;
  outcome: Stage['outcome'];
}

const outcomes = { open: 'Open', won: 'Won', lost: 'Lost' } as const;

/** The stages of a site: their names, their order, and which of them are an end. */
export function StagesSheet({
  site,
  board,
  onChange,
  onClose,
}: {
  site: Site;
  board: Board;
  onChange(): void;
  onClose(): void;
}) {
  const [stages, setStages] = useState<Draft[]>(board.stages);
  const { error, busy, attempt } = useAttempt();
  const set = (position: number, change: Partial<Draft>) =>
    setStages(stages.map((stage, other) => (other === position ? { ...stage, ...change } : stage)));
  const swap = (a: number, b: number) => {
    const next = [...stages];
    [next[a], next[b]] = [stages[b] as Draft, stages[a] as Draft];
    setStages(next);
  };
  const save = async () => {
    const done = await attempt(() =>
      put(at('/api/sites/{site}/lead-stages', { site: site.id }), {
        stages: stages.map(({ id, name, outcome }) => ({ ...(id !== undefined && { id }), name, outcome })),
      }),
    );
    if (!done) return;
    onChange();
    onClose();
  };
  return (
    <Sheet
      title="Stages"
      onClose={onClose}
      onSubmit={() => inBackground(save())}
      foot={
        <Button type="submit" colorPalette="signal" loading={busy}>
          Save
        </Button>
      }
    >
      <Stack gap="3">
        <Text color="slate">
          Leads go from the first to the last. Those in a stage that is won or lost have come to an end.
        </Text>
        {stages.map((stage, position) => (
          <Flex key={stage.id ?? `new ${position}`} gap="2" align="center">
            <Input
              size="sm"
              aria-label={`Stage ${position + 1}`}
              maxLength={60}
              value={stage.name}
              onChange={({ target }) => set(position, { name: target.value })}
            />
            <NativeSelect.Root size="sm" w="110px" flex="none">
              <NativeSelect.Field
                aria-label={`Outcome of stage ${position + 1}`}
                value={stage.outcome}
                onChange={({ target }) => set(position, { outcome: target.value as Stage['outcome'] })}
              >
                {Object.entries(outcomes).map(([value, label]) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
            <Small
              label={`Move ${stage.name} up`}
              disabled={position === 0}
              onClick={() => swap(position, position - 1)}
            >
              <ArrowUp size={14} aria-hidden />
            </Small>
            <Small
              label={`Move ${stage.name} down`}
              disabled={position === stages.length - 1}
              onClick={() => swap(position, position + 1)}
            >
              <ArrowDown size={14} aria-hidden />
            </Small>
            <Small
              label={`Remove ${stage.name}`}
              disabled={stages.length === 1}
              onClick={() => setStages(stages.toSpliced(position, 1))}
            >
              <Trash2 size={14} aria-hidden />
            </Small>
          </Flex>
        ))}
        <Button
          type="button"
          size="xs"
          variant="outline"
          colorPalette="plain"
          alignSelf="start"
          disabled={stages.length >= 20}
          onClick={() => setStages([...stages, { name: '', outcome: 'open' }])}
        >
          <Plus size={13} aria-hidden />
          Add stage
        </Button>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Sheet>
  );
}

function Small({
  label,
  ...button
}: {
  label: string;
  disabled: boolean;
  onClick(): void;
  children: React.ReactNode;
}) {
  return (
    <IconButton
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      type="button"
      aria-label={label}
      {...button}
    />
  );
}
