/** A property of an element or of a placement as the inspector offers it. */
export interface InspectorProperty {
  /** Key, or path, into what it belongs to. */
  path: readonly string[];
  label: string;
  control:
    | 'line'
    | 'lines'
    | 'toggle'
    | 'choice'
    | 'number'
    | 'action'
    | 'rich'
    | 'image'
    | 'video'
    | 'icon'
    | 'code'
    | 'moment'
    | 'date'
    | 'time'
    | 'zone'
    | 'currency'
    | 'look'
    | 'repeat'
    | 'pool'
    | 'several'
    | 'order'
    | 'answers'
    | 'chat-conditions'
    | 'formula'
    | 'comparison'
    | 'list';
  /** For choices: value and what it is called. */
  options?: Readonly<Record<string, string>>;
  /**
   * For lists: the properties of an entry, and a new entry. An entry that is a text has one property without a path, or is opened
   * to be edited and closed again.
   */
  entries?: {
    properties: readonly InspectorProperty[];
    blank(): unknown;
    title?(entry: never): string;
    open?(entry: never): object;
    close?(entry: never): unknown;
    /** Whether the last one may be taken away too. */
    mayBeNone?: boolean;
  };
  /** For images: their own size is kept beside them, as `size`. */
  sized?: boolean;
  /** For numbers. */
  min?: number;
  max?: number;
  step?: number;
  /** One sentence below the control. */
  help?: string;
  /** Whether its owner has a place for it; always where nothing is said. */
  only?(owner: never): boolean;
  /** What is set along with a value, by key of the owner. */
  along?(value: never): Record<string, unknown>;
  /** For moments: what is set along with one that comes from a calendar file, by key of the owner. */
  fromCalendar?(date: { zone: string; rule?: string }): Record<string, unknown>;
  /** Rarely used: stands folded. */
  rare?: boolean;
  /** What follows the label in brackets, such as px. */
  unit?: string;
  /** The units that a number may have instead, such as `%`. */
  units?: readonly string[];
  /** What the owner’s list `off` calls it: named there, it is kept and shown to nobody. */
  hides?: string;
  /** Left empty, it is there as an empty text rather than absent. */
  always?: boolean;
}
