import { Flex, Image, Link, Stack, Text } from '@chakra-ui/react';
import { FileText } from 'lucide-react';
import { at, type Submission } from '../../shared/api/index.ts';
import { fileSize } from '../../shared/format.ts';

type SentFile = NonNullable<Submission['fields'][number]['files']>[number];

/** What every browser draws. */
const drawn = /^image\/(jpeg|png|webp|gif)$/;

/** Files that came with a submission: pictures are seen, all can be had. */
export function SentFiles({ siteId, files }: { siteId: string; files: readonly SentFile[] }) {
  if (files.length === 0) return <Text color="slate">empty</Text>;
  return (
    <Stack as="ul" gap="2" listStyleType="none">
      {files.map(({ id, name, type, bytes }) => {
        const address = at('/api/sites/{site}/files/{file}', { site: siteId, file: id });
        return (
          <Flex as="li" key={id} gap="3" align="center" minW="0">
            {drawn.test(type) ? (
              <Image src={address} alt="" boxSize="44px" fit="cover" rounded="sm" flex="none" />
            ) : (
              <FileText size={20} aria-hidden />
            )}
            <Text minW="0">
              <Link href={address} download={name} overflowWrap="anywhere">
                {name}
              </Link>{' '}
              <Text as="span" color="slate" whiteSpace="nowrap">
                {fileSize(bytes)}
              </Text>
            </Text>
          </Flex>
        );
      })}
    </Stack>
  );
}
