import { Button, FileUpload, Input, Stack, Text } from '@chakra-ui/react';
import type { CalendarDate } from '@sirene/core/base/calendar';
import { CalendarPlus } from 'lucide-react';
import { useState } from 'react';
import { inBackground } from '../../../shared/background.ts';
import { Choice } from '../../../shared/Choice.tsx';
import { useEditing } from '../../state/editing.ts';
import type { PropertyControlProps } from './control-props.ts';

/** A date and a time by the clock on the wall; where its owner takes one from a calendar file, that too. */
export function MomentControl(props: PropertyControlProps<string>) {
  const { id, property, value, onChange } = props;
  return (
    <Stack gap="1.5">
      <Input
        id={id}
        size="xs"
        type="datetime-local"
        value={value ?? ''}
        onChange={(event) => event.target.value && onChange(event.target.value)}
      />
      {property.fromCalendar && <CalendarImport {...props} />}
    </Stack>
  );
}

type Read = { dates: readonly CalendarDate[]; chosen: number } | { problem: string };

/** Takes the date of an event from a calendar file; of several the one that is chosen. */
function CalendarImport({ property, onChange }: PropertyControlProps<string>) {
  const { site } = useEditing();
  const [read, setRead] = useState<Read | null>(null);
  const take = (dates: readonly CalendarDate[], chosen: number) => {
    const date = dates[chosen];
    setRead({ dates, chosen });
    if (date) onChange(date.at, property.fromCalendar?.(date));
  };
  const load = async (file: File) => {
    // Loaded when it is needed: most dates are typed.
    const { CalendarError, readCalendar } = await import('@sirene/core/base/calendar');
    try {
      take(readCalendar(await file.text(), site.zone), 0);
    } catch (error) {
      if (!(error instanceof CalendarError)) throw error;
      setRead({ problem: error.message });
    }
  };
  return (
    <>
      <FileUpload.Root maxFiles={1} onFileAccept={({ files }) => files[0] && inBackground(load(files[0]))}>
        <FileUpload.HiddenInput aria-label="Calendar file" accept=".ics,text/calendar" />
        <FileUpload.Trigger asChild>
          <Button size="2xs" variant="outline" colorPalette="plain">
            <CalendarPlus size={12} aria-hidden />
            Import .ics
          </Button>
        </FileUpload.Trigger>
      </FileUpload.Root>
      {read && 'problem' in read && (
        <Text role="alert" color="wine" fontSize="12px">
          {read.problem}
        </Text>
      )}
      {read && 'dates' in read && read.dates.length > 1 && (
        <Choice
          label="Event"
          value={String(read.chosen)}
          options={Object.fromEntries(
            read.dates.map(({ title, at }, place) => [String(place), `${title}, ${at.replace('T', ' ')}`]),
          )}
          onChange={(place) => take(read.dates, Number(place))}
        />
      )}
    </>
  );
}
