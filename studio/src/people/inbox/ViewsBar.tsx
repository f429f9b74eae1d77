import { Button, Flex, IconButton } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { at, post, remove, type Site, type SubmissionView, useAnswer } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { NamePopover } from '../../shared/NamePopover.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { isFiltered, type InboxSearch } from './use-inbox-search.ts';

const everything: InboxSearch = {
  ...{ words: '', widget: '', assignee: '' },
  ...{ isUnread: false, isHeld: false, columns: [] },
};

const searchOf = ({ filter, columns }: SubmissionView): InboxSearch => ({
  ...everything,
  words: filter.words ?? '',
  widget: filter.widget ?? '',
  assignee: filter.assignee ?? '',
  isUnread: filter.unread !== undefined,
  columns,
});

const filterOf = ({ words, widget, assignee, isUnread }: InboxSearch): SubmissionView['filter'] => ({
  ...(words && { words }),
  ...(widget && { widget }),
  ...(assignee && { assignee }),
  ...(isUnread && { unread: 'true' }),
});

const isSame = (a: InboxSearch, b: InboxSearch): boolean => JSON.stringify(a) === JSON.stringify(b);

interface Props {
  site: Site;
  shown: InboxSearch;
  onShow(search: InboxSearch): void;
}

/** What is often looked for, by its name; and what is shown now can become one of them. */
export function ViewsBar({ site, shown, onShow }: Props) {
  const { data: views = [], mutate } = useAnswer(at('/api/sites/{site}/submission-views', { site: site.id }));
  const { error, attempt } = useAttempt();
  const isSaved = views.some((view) => isSame(searchOf(view), shown));
  const canSave = !isSaved && !shown.isHeld && (isFiltered(shown) || shown.columns.length > 0);
  const save = (name: string) =>
    attempt(async () => {
      await post(at('/api/sites/{site}/submission-views', { site: site.id }), {
        name,
        filter: filterOf(shown),
        columns: [...shown.columns],
      });
      await mutate();
    });
  const drop = (view: string) =>
    attempt(async () => {
      await remove(at('/api/sites/{site}/submission-views/{view}', { site: site.id, view }));
      await mutate();
    });
  if (views.length === 0 && !canSave) return null;
  return (
    <Flex role="group" aria-label="Views" gap="1" align="center" wrap="wrap">
      <ViewButton name="All" isShown={isSame(everything, shown)} onShow={() => onShow(everything)} />
      {views.map((view) => {
        const isShown = isSame(searchOf(view), shown);
        return (
          <Flex key={view.id} align="center">
            <ViewButton name={view.name} isShown={isShown} onShow={() => onShow(searchOf(view))} />
            {isShown && (
              <IconButton
                size="2xs"
                variant="ghost"
                colorPalette="plain"
                aria-label={`Remove the view “${view.name}”`}
                onClick={() => inBackground(drop(view.id))}
              >
                <X size={13} aria-hidden />
              </IconButton>
            )}
          </Flex>
        );
      })}
      {canSave && (
        <NamePopover
          trigger={
            <Button size="xs" variant="ghost" colorPalette="plain">
              Save as a view …
            </Button>
          }
          title="Save as a view"
          help="Everybody who works on the site has it then."
          label="Name of the view"
          action="Save view"
          placement="bottom-end"
          onName={save}
        >
          {error !== null && <ErrorNote error={error} />}
        </NamePopover>
      )}
    </Flex>
  );
}

function ViewButton({ name, isShown, onShow }: { name: string; isShown: boolean; onShow(): void }) {
  return (
    <Button
      size="xs"
      variant={isShown ? 'subtle' : 'ghost'}
      colorPalette="plain"
      aria-pressed={isShown}
      onClick={onShow}
    >
      {name}
    </Button>
  );
}
