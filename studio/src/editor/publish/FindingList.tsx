import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import type { Finding } from '@sirene/core/review/check';
import { sceneOf } from '@sirene/core/document/widget';
import { CircleAlert, Info, TriangleAlert } from 'lucide-react';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { useSelection } from '../state/selection.ts';
import { useView } from '../state/view.ts';

const marks = {
  error: ['Must be fixed', CircleAlert, 'wine'],
  warning: ['Warning', TriangleAlert, 'brass'],
  note: ['Note', Info, 'slate'],
} as const;

/** What the check found, each with a way to it and, where there is one, a fix. */
export function FindingList({ findings, onShow }: { findings: readonly Finding[]; onShow?: () => void }) {
  const { session } = useEditing();
  const { select } = useSelection();
  const { setScene, scene } = useView();
  const document = useSettledDocument();
  const show = (element: string | null) => {
    const at = element && sceneOf(document, element);
    if (at && at !== scene) setScene(at);
    select(element);
    onShow?.();
  };
  return (
    <Stack as="ul" gap="3" listStyleType="none">
      {findings.map(({ element, text, severity, repair }, at) => {
        const [name, Icon, color] = marks[severity ?? 'note'];
        return (
          <Flex as="li" key={at} justify="space-between" gap="2" align="start">
            <Flex color={color} pt="0.5" flex="none">
              <Icon size={15} aria-label={name} />
            </Flex>
            <Text flex="1">{text}</Text>
            <Flex gap="1" flex="none">
              <Button size="2xs" variant="ghost" colorPalette="plain" onClick={() => show(element)}>
                Show
              </Button>
              {repair && (
                <Button
                  size="2xs"
                  variant="outline"
                  colorPalette="plain"
                  onClick={() => session.apply(repair.operation)}
                >
                  {repair.label}
                </Button>
              )}
            </Flex>
          </Flex>
        );
      })}
    </Stack>
  );
}
