import { Input, Switch, Textarea } from '@chakra-ui/react';
import type { InspectorProperty } from '@sirene/core/document/elements';
import { lazy, Suspense } from 'react';
import { AssetControl } from '../../../shared/assets/AssetControl.tsx';
import { Choice } from '../../../shared/Choice.tsx';
import { MeasureInput } from '../../../shared/MeasureInput.tsx';
import { RichControl } from '../../text/RichControl.tsx';
import { AnswersControl } from './AnswersControl.tsx';
import { ChatConditionsControl } from './ChatConditionsControl.tsx';
import { ActionControl } from './ActionControl.tsx';
import { IconControl } from './IconControl.tsx';
import { ListControl } from './ListControl.tsx';
import { MomentControl } from './MomentControl.tsx';
import { OrderControl } from './OrderControl.tsx';
import { SeveralControl } from './SeveralControl.tsx';
import type { PropertyControlProps } from './control-props.ts';
import { CurrencyControl } from './CurrencyControl.tsx';
import { LookControl } from './LookControl.tsx';
import { PoolControl } from './PoolControl.tsx';
import { RepeatControl } from './RepeatControl.tsx';
import { ZoneControl } from './ZoneControl.tsx';

const CodeControl = lazy(async () => ({ default: (await import('../../code/CodeControl.tsx')).CodeControl }));

const FormulaControl = lazy(async () => ({
  default: (await import('../../code/FormulaControl.tsx')).FormulaControl,
}));

type Control = React.ComponentType<PropertyControlProps<never>>;

const emptyAs = ({ always }: InspectorProperty): '' | undefined => (always ? '' : undefined);

function LineControl({ id, property, value, onChange }: PropertyControlProps<string>) {
  return (
    <Input
      id={id}
      size="xs"
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value || emptyAs(property))}
    />
  );
}

function LinesControl({ id, property, value, onChange }: PropertyControlProps<string>) {
  return (
    <Textarea
      id={id}
      size="xs"
      rows={2}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value || emptyAs(property))}
    />
  );
}

// A browser tells of a date or a time once it is whole: until then there is nothing to say.
function ClockControl({ id, property, value, onChange }: PropertyControlProps<string>) {
  return (
    <Input
      id={id}
      size="xs"
      type={property.control}
      value={value ?? ''}
      onChange={({ target }) => (target.value || !property.always) && onChange(target.value || undefined)}
    />
  );
}

function ToggleControl({ id, property, value, onChange }: PropertyControlProps<boolean>) {
  return (
    <Switch.Root
      size="sm"
      ids={{ hiddenInput: id }}
      checked={value === true}
      onCheckedChange={({ checked }) => onChange(checked || property.always ? checked : undefined)}
    >
      <Switch.HiddenInput />
      <Switch.Control />
    </Switch.Root>
  );
}

function NumberControl({ id, property, value, onChange }: PropertyControlProps<number | string>) {
  const { min, max, step, unit, units } = property;
  return (
    <MeasureInput
      id={id}
      min={min}
      max={max}
      step={step}
      unit={unit}
      units={units}
      value={value}
      onChange={onChange}
      onClear={property.always ? undefined : () => onChange(undefined)}
    />
  );
}

function ChoiceControl({ id, property, value, onChange }: PropertyControlProps<string | number>) {
  return (
    <Choice
      id={id}
      value={String(value ?? '')}
      unset="default"
      options={property.options ?? {}}
      onChange={(next) =>
        onChange(typeof value === 'number' ? Number(next) : next, property.along?.(next as never))
      }
    />
  );
}

function FileControl({ id, property, value, onChange }: PropertyControlProps<string>) {
  return (
    <AssetControl
      id={id}
      label={property.label}
      kind={property.control === 'video' ? 'video' : 'image'}
      drawings={property.sized === true}
      value={value ?? ''}
      onChange={(src, size) =>
        onChange(src || emptyAs(property), property.sized ? { size: size ?? undefined } : undefined)
      }
    />
  );
}

function LazyCode(props: PropertyControlProps<string>) {
  return (
    <Suspense fallback={<Textarea id={props.id} size="xs" rows={4} readOnly value={props.value ?? ''} />}>
      <CodeControl
        id={props.id}
        label={props.property.label}
        value={props.value ?? ''}
        onChange={(text) => props.onChange(text || emptyAs(props.property))}
      />
    </Suspense>
  );
}

function LazyFormula(props: PropertyControlProps<string>) {
  return (
    <Suspense fallback={<Textarea id={props.id} size="xs" rows={2} readOnly value={props.value ?? ''} />}>
      <FormulaControl
        id={props.id}
        label={props.property.label}
        value={props.value ?? ''}
        isComparison={props.property.control === 'comparison'}
        onChange={(text) => props.onChange(text || emptyAs(props.property))}
      />
    </Suspense>
  );
}

// The entries of a list have controls of their own.
function EntriesControl(props: PropertyControlProps<unknown[]>) {
  return <ListControl {...props} Entry={PropertyControl} />;
}

/** The control of each kind of property. A new kind is a line here. */
const controls: Record<InspectorProperty['control'], Control> = {
  line: LineControl,
  lines: LinesControl,
  rich: RichControl,
  toggle: ToggleControl,
  number: NumberControl,
  choice: ChoiceControl,
  action: ActionControl,
  image: FileControl,
  video: FileControl,
  icon: IconControl,
  code: LazyCode,
  moment: MomentControl,
  date: ClockControl,
  time: ClockControl,
  zone: ZoneControl,
  currency: CurrencyControl,
  look: LookControl,
  repeat: RepeatControl,
  pool: PoolControl,
  several: SeveralControl,
  order: OrderControl,
  answers: AnswersControl,
  'chat-conditions': ChatConditionsControl,
  formula: LazyFormula,
  comparison: LazyFormula,
  list: EntriesControl,
};

/** The control of a property, chosen by what its definition asks for. */
export function PropertyControl(props: PropertyControlProps) {
  const Control = controls[props.property.control];
  return <Control {...(props as PropertyControlProps<never>)} />;
}
