/** What a page finds as `window.sirene` once the script has run. */
interface Sirene {
  /** Shows a widget by its address name, whatever its rules say. */
  open(name: string): void;
  /** Closes one widget, or all that are open. */
  close(name?: string): void;
  /** Tells of an event of the page's own, 1 to 80 characters; plain values that come with it become facts named `NAME.KEY`. */
  track(name: string, data?: Readonly<Record<string, unknown>>): void;
  /** Tells facts of the page or the visitor, which rules may ask for: texts, numbers, true or false. */
  set(facts: Readonly<Record<string, unknown>>): void;
  /** Says whom the page knows the visitor as: an object for a member, `null` for a guest. */
  identify(member: { lists?: readonly string[] } | null): void;
  basket: {
    /** Tells what is in the shop's basket: `[{ id, name, price, quantity, picture?, note? }]`. */
    set(lines: unknown): void;
  };
  /** Why each widget of the site is on the page now, or is not, by its address name. */
  why(): Promise<Readonly<Record<string, SireneWhy>>>;
  /** Calls back when something happens to a widget; returns what stops it. */
  on(
    happening: 'open' | 'close' | 'submit' | 'basket' | 'retry',
    listener: (widget: string, detail?: unknown) => void,
  ): () => void;
  /** Resolved once widgets may appear. */
  ready: Promise<void>;
}

interface SireneWhy {
  open: boolean;
  /** Each rule of the widget, and whether it lets it appear now. */
  reasons: readonly { rule: string; holds: boolean }[];
}

interface Window {
  /** Before the script has run, what it is to know at once may stand here: `{ set, identify, basket }`. */
  sirene: Sirene;
}

declare const sirene: Sirene;
