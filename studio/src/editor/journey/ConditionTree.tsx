import { Box, Button, Flex, IconButton, Menu, Portal, Stack, Text } from '@chakra-ui/react';
import { valueAt } from '@sirene/core/base/maps';
import {
  addAt,
  groupOf,
  grouped,
  moveAt,
  nodeAt,
  replaceAt,
  specOf,
  unwrapAt,
  wrapAt,
  type Group,
  type RuleSpec,
  type Tree,
  type TreePath,
} from '@sirene/core/behaviour';
import { ChevronDown, ChevronRight, EllipsisVertical } from 'lucide-react';
import { useRef, useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { keepFocus } from '../../shared/keep-focus.ts';
import { AddRule } from './AddRule.tsx';
import { RuleFields } from './RuleFields.tsx';
import { sentenceCase } from './RuleList.tsx';

type Leaf = { type: string };
type Node = Tree<Leaf>;

interface TreeProps {
  tree: Node;
  onChange(tree: Node): void;
  /** The kinds of conditions that can be added. */
  specs: readonly RuleSpec[];
  /** A condition in words. */
  words(condition: Leaf): string;
}

interface NodeProps extends TreeProps {
  path: TreePath;
  /** The condition whose controls are open, by its path. */
  opened: string;
  setOpened(path: string): void;
  /** Moves a node, and the focus with it. */
  move(path: TreePath, by: 1 | -1): void;
  remove(path: TreePath): void;
}

const groupNames: Readonly<Record<Group, string>> = { all: 'All of', any: 'Any of', none: 'None of' };
const keyOf = (path: TreePath) => path.join('.');

/** A tree of conditions as a tree of phrases: each is added, changed, moved, grouped and removed where it stands. */
export function ConditionTree({ tree, ...how }: TreeProps) {
  const { onChange } = how;
  const [opened, setOpened] = useState('');
  const list = useRef<HTMLDivElement>(null);
  // A document of the plainest kind is one condition; it is shown as a group of one.
  const whole = groupOf(tree) ? tree : grouped('all', [tree]);
  const move = (path: TreePath, by: 1 | -1) => {
    const moved = moveAt(whole, path, by);
    onChange(moved.tree);
    setOpened('');
    requestAnimationFrame(() =>
      list.current?.querySelector<HTMLElement>(`[data-path="${keyOf(moved.path)}"]`)?.focus(),
    );
  };
  const remove = (path: TreePath) => {
    onChange(replaceAt(whole, path, []));
    keepFocus(list.current);
  };
  return (
    <Box ref={list} tabIndex={-1} outline="none">
      <GroupNode {...{ ...how, tree: whole, opened, setOpened, move, remove }} path={[]} />
    </Box>
  );
}

function TreeNode(props: NodeProps) {
  const node = nodeAt(props.tree, props.path);
  if (!node) return null;
  return groupOf(node) ? <GroupNode {...props} /> : <ConditionNode {...props} />;
}

function GroupNode(props: NodeProps) {
  const { tree, path, onChange, specs } = props;
  const { group, children } = groupOf(nodeAt(tree, path) ?? tree) ?? {
    group: 'all' as const,
    children: [],
  };
  return (
    <Stack gap="1.5" role="group" aria-label={groupNames[group]}>
      <Flex gap="2" align="center">
        <Choice
          label="Group"
          width="104px"
          value={group}
          options={groupNames}
          onChange={(next) => onChange(replaceAt(tree, path, [grouped(next, children)]))}
        />
        <Text color="slate" fontSize="13px" flex="1">
          {children.length === 0 ? 'nothing yet' : 'these'}
        </Text>
        {path.length > 0 && <NodeMenu {...props} words={groupNames[group]} isGroup />}
      </Flex>
      <Stack gap="1" ml="2" pl="3" borderInlineStartWidth="2px">
        {children.map((_, at) => (
          <TreeNode key={at} {...props} path={[...path, at]} />
        ))}
        <Flex gap="2" pt="1">
          <AddRule
            label="Add condition"
            offered={specs}
            onAdd={(create) => {
              onChange(addAt(tree, path, create() as Leaf));
              props.setOpened(keyOf([...path, children.length]));
            }}
          />
          <Button
            size="xs"
            variant="ghost"
            colorPalette="plain"
            // One of “any” would let nobody match until something is in it.
            onClick={() => onChange(addAt(tree, path, grouped('all', [])))}
          >
            Add group
          </Button>
        </Flex>
      </Stack>
    </Stack>
  );
}

function ConditionNode(props: NodeProps) {
  const { tree, path, onChange, opened, setOpened, move, specs } = props;
  const condition = nodeAt(tree, path) as Leaf;
  const words = sentenceCase(props.words(condition));
  const spec = specOf(specs, condition);
  const isOpen = opened === keyOf(path);
  return (
    <Box borderWidth="1px" rounded="sm" bg="sheet">
      <Flex align="center" gap="1" pr="1">
        <Button
          variant="plain"
          size="xs"
          flex="1"
          minW="0"
          justifyContent="start"
          textAlign="start"
          whiteSpace="normal"
          h="auto"
          minH="28px"
          py="1"
          data-path={keyOf(path)}
          aria-expanded={isOpen}
          title="Alt and the arrow keys move it"
          onKeyDown={(event) => {
            if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
            event.preventDefault();
            move(path, event.key === 'ArrowDown' ? 1 : -1);
          }}
          onClick={() => setOpened(isOpen ? '' : keyOf(path))}
        >
          {isOpen ? <ChevronDown size={13} aria-hidden /> : <ChevronRight size={13} aria-hidden />}
          <Text as="span" minW="0" overflowWrap="anywhere">
            {words}
          </Text>
        </Button>
        <NodeMenu {...props} words={words} />
      </Flex>
      {isOpen && (
        <Box px="3" pb="3" pt="1">
          <RuleFields
            spec={spec}
            rule={condition}
            onChange={(changed) => onChange(replaceAt(tree, path, [changed]))}
          />
        </Box>
      )}
    </Box>
  );
}

function NodeMenu({
  tree,
  path,
  onChange,
  move,
  remove,
  words,
  isGroup = false,
}: Omit<NodeProps, 'words'> & { words: string; isGroup?: boolean }) {
  const deeds: Readonly<Record<string, [label: string, deed: () => void]>> = {
    up: ['Move up', () => move(path, -1)],
    down: ['Move down', () => move(path, 1)],
    wrap: ['Put in a group', () => onChange(wrapAt(tree, path))],
    ...(isGroup && { unwrap: ['Ungroup', () => onChange(unwrapAt(tree, path))] as [string, () => void] }),
    remove: ['Remove', () => remove(path)],
  };
  return (
    <Menu.Root
      lazyMount
      unmountOnExit
      positioning={{ placement: 'bottom-end' }}
      onSelect={({ value }) => valueAt(deeds, value)?.[1]()}
    >
      <Menu.Trigger asChild>
        <IconButton size="2xs" variant="ghost" colorPalette="plain" aria-label={`Actions: ${words}`}>
          <EllipsisVertical size={14} aria-hidden />
        </IconButton>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            {Object.entries(deeds).map(([value, [label]]) => (
              <Menu.Item key={value} value={value}>
                {label}
              </Menu.Item>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
