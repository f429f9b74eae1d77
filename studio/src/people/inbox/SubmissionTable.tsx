import { Box, Checkbox, Flex, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import type { Submission } from '../../shared/api/index.ts';
import { ago, dayOf, pathOf } from '../../shared/format.ts';
import { WhoButton, whoIs } from '../WhoButton.tsx';
import { cellText, isNumeric, type Column } from './columns.ts';
import { DeliverySummary } from './DeliveryList.tsx';

interface Props {
  submissions: readonly Submission[];
  /** The fields shown instead of what is shown of every submission. */
  columns: readonly Column[];
  openId: string | undefined;
  chosen: ReadonlySet<string>;
  onOpen(id: string): void;
  onChoose(ids: ReadonlySet<string>): void;
}

/** Submissions, newest first, with what of them can be chosen to be acted on together. */
export function SubmissionTable({ submissions, columns, openId, chosen, onOpen, onChoose }: Props) {
  const all = submissions.every(({ id }) => chosen.has(id));
  const some = !all && submissions.some(({ id }) => chosen.has(id));
  const numeric = new Set(columns.filter(({ key }) => isNumeric(submissions, key)).map(({ key }) => key));
  const toggle = (id: string) =>
    onChoose(new Set(chosen.has(id) ? [...chosen].filter((one) => one !== id) : [...chosen, id]));
  return (
    <Table.Root size="sm" aria-label="Submissions">
      <Table.Header>
        <Table.Row bg="wash">
          <Table.ColumnHeader w="1px" pe="0">
            <Choose
              label="All that are shown"
              checked={some ? 'indeterminate' : all}
              onChange={() => onChoose(new Set(all ? [] : submissions.map(({ id }) => id)))}
            />
          </Table.ColumnHeader>
          <Table.ColumnHeader>Name</Table.ColumnHeader>
          {columns.map(({ key, label }) => (
            <Table.ColumnHeader key={key} textAlign={numeric.has(key) ? 'end' : undefined}>
              <Text truncate maxW="160px" title={label}>
                {label}
              </Text>
            </Table.ColumnHeader>
          ))}
          {columns.length === 0 && (
            <>
              <Table.ColumnHeader>Widget</Table.ColumnHeader>
              <Table.ColumnHeader>Page</Table.ColumnHeader>
            </>
          )}
          <Table.ColumnHeader>Actions</Table.ColumnHeader>
          <Table.ColumnHeader textAlign="end">Received</Table.ColumnHeader>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {submissions.map((submission) => {
          const { id, person, widget, page, receivedAt, deliveries, read, assignee, fields } = submission;
          const isOpen = id === openId;
          return (
            <Table.Row
              key={id}
              bg={isOpen ? 'wash' : undefined}
              boxShadow={isOpen ? 'inset 3px 0 0 {colors.deep}' : undefined}
            >
              <Table.Cell pe="0">
                <Choose
                  label={whoIs(person) || 'Anonymous'}
                  checked={chosen.has(id)}
                  onChange={() => toggle(id)}
                />
              </Table.Cell>
              <Table.Cell>
                <Flex gap="2" align="baseline">
                  <Box w="8px" flex="none" color="flare">
                    {!read && (
                      <svg width="8" height="8" aria-hidden>
                        <circle cx="4" cy="4" r="3.5" fill="currentColor" />
                      </svg>
                    )}
                  </Box>
                  <Box minW="0">
                    <WhoButton who={person} open={isOpen} isNew={!read} onOpen={() => onOpen(id)} />
                    {!read && <VisuallyHidden>Unread</VisuallyHidden>}
                    {assignee && (
                      <Text color="slate" fontSize="12px">
                        Assigned to {assignee.name}
                      </Text>
                    )}
                  </Box>
                </Flex>
              </Table.Cell>
              {columns.map(({ key }) => {
                const field = fields.find((one) => one.key === key);
                return (
                  <Table.Cell key={key} textAlign={numeric.has(key) ? 'end' : undefined}>
                    <Text truncate maxW="160px" title={field && cellText(field)}>
                      {field && cellText(field)}
                    </Text>
                  </Table.Cell>
                );
              })}
              {columns.length === 0 && (
                <>
                  <Table.Cell>{widget.name}</Table.Cell>
                  <Table.Cell color="slate" maxW="180px" truncate title={page}>
                    {pathOf(page)}
                  </Table.Cell>
                </>
              )}
              <Table.Cell>
                <DeliverySummary deliveries={deliveries} />
              </Table.Cell>
              <Table.Cell textAlign="end" color="slate" whiteSpace="nowrap">
                {columns.length === 0 ? ago(receivedAt) : dayOf(receivedAt)}
              </Table.Cell>
            </Table.Row>
          );
        })}
      </Table.Body>
    </Table.Root>
  );
}

function Choose({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean | 'indeterminate';
  onChange(): void;
}) {
  return (
    <Checkbox.Root size="sm" checked={checked} onCheckedChange={onChange} minW="6" minH="6">
      <Checkbox.HiddenInput aria-label={`Select: ${label}`} />
      <Checkbox.Control />
    </Checkbox.Root>
  );
}
