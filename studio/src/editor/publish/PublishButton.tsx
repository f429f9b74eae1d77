import { Button, Flex, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { checkDocument } from '@sirene/core/review/check';
import { useRef, useState } from 'react';
import { at, post } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { FindingList } from './FindingList.tsx';
import { Published } from './Published.tsx';
import { inBackground } from '../../shared/background.ts';

type Step = 'closed' | 'asking' | 'published' | { error: unknown };

/** Saves and publishes. What the check holds to be an error or worth a warning is shown first. */
export function PublishButton({ disabled }: { disabled: boolean }) {
  const { widget, autosave, session, brand, images } = useEditing();
  const [step, setStep] = useState<Step>('closed');
  const [busy, setBusy] = useState(false);
  const content = useRef<HTMLDivElement>(null);
  const publish = async () => {
    setBusy(true);
    // The button that was pressed goes away, and the focus is not to go with it.
    content.current?.focus();
    try {
      await autosave.flush();
      autosave.published(
        await post(at('/api/widgets/{widget}/publish', { widget: widget.id }), { base: autosave.version }),
      );
      setStep('published');
    } catch (error) {
      setStep({ error });
    } finally {
      setBusy(false);
    }
  };
  const press = () => {
    const findings = checkDocument(session.document, brand, { images, now: Date.now() });
    if (findings.some(({ severity }) => severity)) setStep('asking');
    else inBackground(publish());
  };
  return (
    <Popover.Root
      lazyMount
      unmountOnExit
      open={step !== 'closed'}
      onOpenChange={({ open }) => !open && setStep('closed')}
      positioning={{ placement: 'bottom-end' }}
      // Not a button of what is shown: that comes and goes with what is known.
      initialFocusEl={() => content.current}
    >
      <Popover.Anchor>
        <Button
          size="xs"
          colorPalette="signal"
          flex="none"
          loading={busy}
          disabled={disabled}
          onClick={press}
        >
          Publish
        </Button>
      </Popover.Anchor>
      <Portal>
        <Popover.Positioner>
          <Popover.Content ref={content} w="480px" aria-label="Publishing">
            <Popover.Body p="4" maxH="75vh" overflow="auto">
              {step === 'asking' && (
                <Gate
                  busy={busy}
                  onPublish={() => inBackground(publish())}
                  onClose={() => setStep('closed')}
                />
              )}
              {step === 'published' && <Published />}
              {typeof step === 'object' && <ErrorNote error={step.error} />}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

/** What stands between the draft and its visitors. Errors have to be fixed; warnings can be passed over. */
function Gate({ busy, onPublish, onClose }: { busy: boolean; onPublish(): void; onClose(): void }) {
  const { brand, images } = useEditing();
  const document = useSettledDocument();
  const [now] = useState(() => Date.now());
  const findings = checkDocument(document, brand, { images, now });
  const errors = findings.filter(({ severity }) => severity === 'error');
  const order = { error: 0, warning: 1, note: 2 };
  const sorted = findings.toSorted((a, b) => order[a.severity ?? 'note'] - order[b.severity ?? 'note']);
  return (
    <Stack gap="4">
      <Popover.Title fontWeight="600">
        {errors.length > 0
          ? 'Fix this before publishing'
          : findings.length > 0
            ? 'Publish as it is?'
            : 'Ready to publish'}
      </Popover.Title>
      <FindingList findings={sorted} onShow={onClose} />
      <Flex gap="2" justify="end" align="center">
        {errors.length > 0 && (
          <Text color="slate" fontSize="13px" me="auto">
            Visitors could not use it like this.
          </Text>
        )}
        <Button size="xs" variant="outline" colorPalette="plain" onClick={onClose}>
          Cancel
        </Button>
        <Button
          size="xs"
          colorPalette="signal"
          loading={busy}
          disabled={errors.length > 0}
          onClick={onPublish}
        >
          {findings.length > 0 ? 'Publish anyway' : 'Publish now'}
        </Button>
      </Flex>
    </Stack>
  );
}
