import { fileLines, filesIn, type SentFile } from '@sirene/core/form';
import { filled } from '@sirene/core/base/messages';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

/** What a file is known by where nothing is sent. */
const sample = '0'.repeat(32);

/** A file in the list: on its way, there, or lost. */
interface Listed extends SentFile {
  /** Share of it that has been sent, 0 to 1; left out where nothing is under way. */
  share?: number;
  /** An address by which the page itself can draw it. */
  picture?: string;
  /** Ends its sending. */
  stop?(): void;
}

/** Lets visitors choose files, and sends each ahead of its form, so that the form itself stays small. */
export function attach({ box }: Pick<Mounted, 'box'>, page: PartPage, widget: PartWidget): Attached {
  const ends = new Map<Element, () => void>();
  const written = () => {
    for (const field of box.querySelectorAll<HTMLElement>('[data-files]'))
      if (!ends.has(field)) ends.set(field, listen(field, page.files, widget));
  };
  written();
  return { written, end: () => ends.forEach((end) => end()) };
}

function listen(field: HTMLElement, address: string | undefined, widget: PartWidget): () => void {
  const find = <E extends Element>(selector: string) => field.querySelector<E>(selector) as E;
  const [chooser, value] = [find<HTMLInputElement>('[type=file]'), find<HTMLInputElement>('[type=hidden]')];
  const [list, note] = [find<HTMLElement>('.files'), find<HTMLElement>('.note')];
  const form = field.closest('form');
  const { bytes = '', most = '', large, wrong, lost, many, remove } = field.dataset;
  const megabytes = `${Number(bytes) / 1e6} MB`;
  let files: Listed[] = filesIn(value.value) ?? [];

  const draw = () => {
    // The browser’s own “no file chosen” would be wrong beside a list of them.
    chooser.classList.toggle('has', files.length > 0);
    list.replaceChildren(
      ...files.map((file) => row(file, filled(remove ?? '', { name: file.name }), () => drop(file))),
    );
  };
  const changed = () => {
    draw();
    value.value = fileLines(files);
    value.dispatchEvent(new Event('input', { bubbles: true }));
  };
  const say = (text = '', name = '', limit = '') => {
    note.textContent = filled(text, { name, limit });
  };
  const drop = (file: Listed) => {
    file.stop?.();
    files = files.filter((one) => one !== file);
    if (file.picture) URL.revokeObjectURL(file.picture);
    say();
    changed();
    // What was pressed is gone with its row.
    chooser.focus();
  };
  const take = (given: File) => {
    if (files.length >= Number(most)) return say(many, '', most);
    if (given.size > Number(bytes)) return say(large, given.name, megabytes);
    const ending = `.${given.name.split('.').pop()?.toLowerCase()}`;
    if (!chooser.accept.split(',').includes(ending)) return say(wrong, given.name);
    const picture = given.type.startsWith('image/') ? { picture: URL.createObjectURL(given) } : {};
    const file: Listed = { id: '', name: given.name, share: 0, ...picture };
    files.push(file);
    if (address === undefined) {
      delete file.share;
      file.id = sample;
      return;
    }
    const query = new URLSearchParams({
      widget: widget.id,
      body: widget.body,
      form: form?.getAttribute('data-e') ?? '',
      field: value.name,
      name: given.name,
    });
    file.stop = upload(`${address}?${query}`, given, {
      moved(share) {
        file.share = share;
        const bar = list.children[files.indexOf(file)]?.querySelector('progress');
        if (bar) bar.value = share;
      },
      done(id, status) {
        delete file.share;
        file.id = id;
        if (!id) say({ 413: large, 415: wrong }[status] ?? lost, given.name, megabytes);
        changed();
      },
    });
  };
  const takeAll = (given: FileList | null | undefined) => {
    say();
    for (const one of given ?? []) take(one);
    // The same can be chosen again after it has been removed.
    chooser.value = '';
    changed();
  };
  const chosen = () => takeAll(chooser.files);
  const over = (event: DragEvent) => {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    chooser.classList.toggle('over', event.type !== 'dragleave' && event.type !== 'drop');
    if (event.type === 'drop') takeAll(event.dataTransfer.files);
  };
  // The form has been filled in with what was kept of it.
  const restored = ({ target }: Event) => {
    if (target !== form) return;
    files = (filesIn(value.value) ?? []).filter(({ id }) => id);
    draw();
  };
  const drags = ['dragover', 'dragleave', 'drop'] as const;
  chooser.addEventListener('change', chosen);
  for (const drag of drags) field.addEventListener(drag, over);
  form?.addEventListener('change', restored);
  draw();
  return () => {
    chooser.removeEventListener('change', chosen);
    for (const drag of drags) field.removeEventListener(drag, over);
    form?.removeEventListener('change', restored);
    for (const { stop, picture } of files) {
      stop?.();
      if (picture) URL.revokeObjectURL(picture);
    }
  };
}

function row({ id, name, share, picture }: Listed, remove: string, drop: () => void): HTMLElement {
  const item = document.createElement('li');
  if (picture) item.append(Object.assign(new Image(), { src: picture, alt: '' }));
  const title = Object.assign(document.createElement('span'), { textContent: name });
  // Neither there nor on its way: the note below says why.
  if (!id && share === undefined) title.style.textDecoration = 'line-through';
  item.append(title);
  if (share !== undefined)
    item.append(Object.assign(document.createElement('progress'), { value: share, ariaLabel: name }));
  const button = Object.assign(document.createElement('button'), {
    type: 'button',
    textContent: '×',
    ariaLabel: remove,
  });
  button.addEventListener('click', drop);
  item.append(button);
  return item;
}

interface Sending {
  moved(share: number): void;
  /** Called once: with the file's id, or with none and the server's answer as an HTTP status, 0 where there was none. */
  done(id: string, status: number): void;
}

/** Sends a file; fetch can't tell how far it is. Returns what ends it. */
function upload(address: string, file: File, { moved, done }: Sending): () => void {
  const request = new XMLHttpRequest();
  request.upload.onprogress = ({ loaded, total }) => moved(total ? loaded / total : 0);
  request.onload = () => {
    const { id } = (request.response ?? {}) as { id?: string };
    done((request.status < 300 && id) || '', request.status);
  };
  request.onerror = () => done('', 0);
  request.open('POST', address);
  request.responseType = 'json';
  request.setRequestHeader('content-type', 'application/octet-stream');
  request.send(file);
  return () => request.abort();
}
