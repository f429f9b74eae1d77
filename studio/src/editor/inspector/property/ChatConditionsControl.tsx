import { Stack } from '@chakra-ui/react';
import { groupOf, type Tree } from '@sirene/core/behaviour';
import { chatConditionSpecs, chatConditionWords, type ChatTree } from '@sirene/core/chat/automation';
import { ConditionTree } from '../../journey/ConditionTree.tsx';
import type { PropertyControlProps } from './control-props.ts';

const none: ChatTree = { all: [] };

/** Conditions on a conversation; without any it always holds. */
export function ChatConditionsControl({
  id,
  value = none,
  onChange,
}: PropertyControlProps<ChatTree | undefined>) {
  return (
    <Stack id={id}>
      <ConditionTree
        tree={value}
        onChange={(tree: Tree<{ type: string }>) =>
          onChange(groupOf(tree)?.children.length === 0 ? undefined : (tree as ChatTree))
        }
        specs={chatConditionSpecs}
        words={chatConditionWords}
      />
    </Stack>
  );
}
