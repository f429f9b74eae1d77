import { Field } from '@chakra-ui/react';
import { valueAt } from '@sirene/core/base/maps';
import { scenesOf, withDescendants, type WidgetDocument } from '@sirene/core/document/widget';
import { Choice } from '../../shared/Choice.tsx';
import { titleOfScene } from '../../shared/scene-names.ts';
import { useDocument } from '../state/editing.ts';

/** The forms of a widget, each by the scene that it stands in. */
function formsOf(document: WidgetDocument): Record<string, string> {
  const named = scenesOf(document).flatMap((scene) => {
    const forms = withDescendants(document.elements, document.scenes[scene]?.root ?? '').filter(
      (id) => valueAt(document.elements, id)?.type === 'form',
    );
    const title = titleOfScene(document, scene);
    return forms.map((id, at) => [id, forms.length > 1 ? `${title}, ${at + 1}` : title] as const);
  });
  return Object.fromEntries(named);
}

/** Which form of several an action follows. */
export function FormOfAction({
  value = '',
  onChange,
}: {
  value: string | undefined;
  onChange(form: string | undefined): void;
}) {
  const forms = formsOf(useDocument());
  if (Object.keys(forms).length < 2 && value === '') return null;
  return (
    <Field.Root>
      <Field.Label>Form</Field.Label>
      <Choice
        label="Form"
        size="sm"
        value={value}
        options={{ '': 'Every form', ...forms }}
        unset="A form that was removed"
        onChange={(form) => onChange(form || undefined)}
      />
    </Field.Root>
  );
}
