import { Button, FileUpload, Text } from '@chakra-ui/react';
import { FileUp } from 'lucide-react';

interface Props {
  /** The name of the hidden file field. */
  label: string;
  text: string;
  accept: Record<string, string[]>;
  onFile(file: File): void;
}

/** A place where a file is dropped or chosen. */
export function FileDrop({ label, text, accept, onFile }: Props) {
  return (
    <FileUpload.Root maxFiles={1} accept={accept} onFileAccept={({ files }) => files[0] && onFile(files[0])}>
      <FileUpload.HiddenInput aria-label={label} />
      <FileUpload.Dropzone disableClick role="group" aria-label={text} w="100%" minH="104px" bg="wash">
        <FileUp size={20} aria-hidden />
        <FileUpload.DropzoneContent>
          <Text>{text}</Text>
          <FileUpload.Trigger asChild>
            <Button size="xs" variant="outline" colorPalette="plain" mt="2">
              Choose a file
            </Button>
          </FileUpload.Trigger>
        </FileUpload.DropzoneContent>
      </FileUpload.Dropzone>
    </FileUpload.Root>
  );
}
