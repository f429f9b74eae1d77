import { Box } from '@chakra-ui/react';
import { stationSentence, type Station, type Topic } from '@sirene/core/review/sentence';
import { TitledPopover } from '../../shared/TitledPopover.tsx';
import { useSettledDocument } from '../state/editing.ts';
import { ClosingControls, PlacementControls } from '../inspector/PlacementControls.tsx';
import { ConditionControls, PageControls } from './PageControls.tsx';
import { ScheduleControls } from './ScheduleControls.tsx';
import { FrequencyControls, OthersControls, PauseControls, TriggerControls } from './TimingControls.tsx';
import { ActionList } from './ActionControls.tsx';
import { KeepingControls } from './KeepingControls.tsx';
import { VisitorControls } from './AfterwardsControls.tsx';

const controls: Record<Topic, [title: string, Control: React.ComponentType]> = {
  pages: ['Pages', PageControls],
  conditions: ['Visitors', ConditionControls],
  schedule: ['Schedule', ScheduleControls],
  triggers: ['Triggers', TriggerControls],
  frequency: ['Frequency', FrequencyControls],
  placement: ['Size and position', PlacementControls],
  closing: ['Closing', ClosingControls],
  visitor: ['After submitting', VisitorControls],
  recipients: ['Actions', ActionList],
  keeping: ['Keeping submissions', KeepingControls],
  afterClosing: ['After closing', () => <PauseControls which="afterClosing" />],
  afterOthers: ['After submitting another widget', OthersControls],
  afterSubmitting: ['After submitting', () => <PauseControls which="afterSubmitting" />],
};

/** The rule of a station as a sentence; each underlined piece opens the control that changes it. */
export function Sentence({ station }: { station: Station }) {
  const document = useSettledDocument();
  return (
    <Box as="span" fontSize="15px" lineHeight="1.8" data-sentence={station}>
      {stationSentence(document, station).map(({ text, topic }, at) =>
        topic ? <AboutTopic key={topic} text={text} topic={topic} /> : <span key={at}>{text}</span>,
      )}
    </Box>
  );
}

function AboutTopic({ text, topic }: { text: string; topic: Topic }) {
  const [title, Control] = controls[topic];
  return (
    <TitledPopover
      title={title}
      width={topic === 'conditions' ? '500px' : '380px'}
      placement="top-start"
      unmountOnExit
      trigger={
        <Box
          as="button"
          display="inline"
          fontWeight="600"
          color="deep"
          textAlign="start"
          textDecoration="underline"
          textDecorationThickness="1px"
          textUnderlineOffset="4px"
          cursor="pointer"
          _hover={{ bg: 'wash' }}
        >
          {text}
        </Box>
      }
    >
      <Control />
    </TitledPopover>
  );
}
