import { TagsInput } from '@chakra-ui/react';
import { memo, useId } from 'react';

interface Props {
  tags: readonly string[];
  /** Those to choose from. */
  known?: readonly string[];
  most: number;
  onChange(tags: string[]): void;
}

/** Tags, each added by Enter and taken away by its button. */
export const TagField = memo(function TagField({ tags, known = [], most, onChange }: Props) {
  const list = useId();
  return (
    <>
      <TagsInput.Root
        size="sm"
        max={most}
        addOnPaste
        blurBehavior="add"
        validate={({ inputValue }) => inputValue.trim() !== '' && inputValue.length <= 40}
        value={[...tags]}
        onValueChange={({ value }) => onChange([...new Set(value.map((tag) => tag.trim()))])}
      >
        <TagsInput.Label>Tags</TagsInput.Label>
        <TagsInput.Control>
          {tags.map((tag, index) => (
            <TagsInput.Item key={tag} index={index} value={tag}>
              <TagsInput.ItemPreview>
                <TagsInput.ItemText>{tag}</TagsInput.ItemText>
                <TagsInput.ItemDeleteTrigger aria-label={`Remove ${tag}`} />
              </TagsInput.ItemPreview>
              <TagsInput.ItemInput />
            </TagsInput.Item>
          ))}
          <TagsInput.Input placeholder="Add a tag" list={list} maxLength={40} />
        </TagsInput.Control>
      </TagsInput.Root>
      <datalist id={list}>
        {known.map((tag) => (
          <option key={tag} value={tag} />
        ))}
      </datalist>
    </>
  );
});
