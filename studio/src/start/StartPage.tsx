import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { useSites } from '../app/session.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { BrandStep } from './BrandStep.tsx';
import { ScriptStep } from './ScriptStep.tsx';
import { SiteStep } from './SiteStep.tsx';
import { WidgetStep } from './WidgetStep.tsx';

const steps = [
  ['site', 'Site'],
  ['brand', 'Brand'],
  ['script', 'Script tag'],
  ['widget', 'First widget'],
] as const;
type Step = (typeof steps)[number][0];

/** From a site's address to its first widget. The step stands in the address: a reload goes on where one was. */
export function StartPage() {
  const [query, setQuery] = useSearchParams();
  const { data: sites, error } = useSites();
  const site = sites?.find(({ id }) => id === query.get('site'));
  const step = site ? ((query.get('step') ?? 'brand') as Step) : 'site';
  const goTo = (next: Step, id = site?.id ?? '') => setQuery({ site: id, step: next });
  const at = steps.findIndex(([name]) => name === step);
  useEffect(() => {
    document.title = 'Set up a site · Sirene';
  }, []);
  if (error && !sites) return <ErrorNote error={error} />;
  if (!sites) return <Waiting what="Loading your sites" />;
  return (
    <Box as="main" maxW="760px" mx="auto" px="6" py="8">
      <Heading as="h1" fontFamily="title" fontSize="26px" fontWeight="600" mb="4">
        Set up a site
      </Heading>
      <Flex as="ol" listStyleType="none" gap="6" mb="6" wrap="wrap">
        {steps.map(([name, title], index) => (
          <Flex as="li" key={name} gap="2" align="center" aria-current={name === step ? 'step' : undefined}>
            <Flex
              w="22px"
              h="22px"
              rounded="full"
              align="center"
              justify="center"
              fontSize="12px"
              fontWeight="600"
              borderWidth="1px"
              borderColor={index <= at ? 'deep' : 'line'}
              bg={index < at ? 'deep' : 'sheet'}
              color={index < at ? 'sheet' : index === at ? 'deep' : 'slate'}
            >
              {index + 1}
            </Flex>
            <Text fontWeight={name === step ? '600' : '400'} color={name === step ? 'ink' : 'slate'}>
              {title}
            </Text>
          </Flex>
        ))}
      </Flex>
      <Box bg="sheet" borderWidth="1px" rounded="md" p="6">
        {!site && <SiteStep onMade={(id) => goTo('brand', id)} />}
        {site && step === 'brand' && <BrandStep site={site} onDone={() => goTo('script')} />}
        {site && step === 'script' && <ScriptStep site={site} onDone={() => goTo('widget')} />}
        {site && step === 'widget' && <WidgetStep site={site} />}
      </Box>
    </Box>
  );
}
