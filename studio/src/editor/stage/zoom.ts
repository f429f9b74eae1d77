/** How large the stage is drawn: the whole width of the page, the widget alone, or a scale. */
export type Zoom = 'fit' | 'widget' | number;

interface Size {
  width: number;
  height: number;
}

/** The least and the most that the widget is scaled to be seen whole. */
const range = [0.2, 2] as const;
/** What is left free around it, as a share of the room. */
const margin = 0.08;

/** The scale at which a widget fills the room that the stage has. */
export function scaleForWidget(room: Size, widget: Size): number {
  const share = 1 - 2 * margin;
  const fits = Math.min((room.width * share) / widget.width, (room.height * share) / widget.height);
  return Math.min(range[1], Math.max(range[0], fits));
}
