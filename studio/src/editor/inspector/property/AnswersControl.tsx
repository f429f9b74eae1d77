import { Button, Stack } from '@chakra-ui/react';
import { groupOf, type Tree } from '@sirene/core/behaviour';
import { answerSpec, answerWords, type FormTree } from '@sirene/core/form';
import { Plus } from 'lucide-react';
import { ConditionTree } from '../../journey/ConditionTree.tsx';
import { useFormFields } from '../../state/form-fields.ts';
import type { PropertyControlProps } from './control-props.ts';

const specs = [answerSpec];

/** Conditions on the other answers of a form; without any there are none. */
export function AnswersControl({ id, value, onChange }: PropertyControlProps<FormTree | undefined>) {
  const fields = useFormFields();
  const labels = new Map(fields.map(({ key, label }) => [key, label]));
  const set = (tree: FormTree) => onChange(groupOf(tree)?.children.length === 0 ? undefined : tree);
  if (value === undefined) {
    const first = { ...answerSpec.create(), field: fields[0]?.key ?? '' } as FormTree & { type: string };
    return (
      <Button
        id={id}
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        disabled={fields.length === 0}
        onClick={() => onChange({ all: [first] } as FormTree)}
      >
        <Plus size={13} aria-hidden />
        Add condition
      </Button>
    );
  }
  return (
    <Stack id={id}>
      <ConditionTree
        tree={value}
        onChange={(tree: Tree<{ type: string }>) => set(tree as FormTree)}
        specs={specs}
        words={(condition) => answerWords(condition as never, labels)}
      />
    </Stack>
  );
}
