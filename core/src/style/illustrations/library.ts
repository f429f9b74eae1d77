import type { Html } from '../../base/html/index.js';
import { box, card, circle, path, sheet, sparks, wheel } from './shapes.js';

/** A drawing for a purpose; it is drawn on 240 by 160 in the colours of the brand. */
export interface Illustration {
  /** What it is for, as the studio offers it. */
  purpose: string;
  shapes(): Html[];
}

const check = (x: number, y: number) => path('light', `M${x - 9} ${y}l6 7 12-14`);
const heart = (paint: 'fill' | 'paper', x: number, y: number, s: number) =>
  path(
    paint,
    `M${x} ${y + s}c${-s * 1.6} ${-s} ${-s * 1.3} ${-s * 2.1} ${-s * 0.7} ${-s * 2.1}` +
      `c${s * 0.4} 0 ${s * 0.6} ${s * 0.3} ${s * 0.7} ${s * 0.6}` +
      `c${s * 0.1} ${-s * 0.3} ${s * 0.3} ${-s * 0.6} ${s * 0.7} ${-s * 0.6}` +
      `c${s * 0.6} 0 ${s * 0.9} ${s * 1.1} ${-s * 0.7} ${s * 2.1}z`,
  );
const person = (x: number, y: number, paint: 'fill' | 'deep' | 'tint') => [
  circle(paint, x, y, 14),
  path(paint, `M${x - 24} ${y + 52}c0-20 10-32 24-32s24 12 24 32z`),
];

/** All drawings, by name. A new one is an entry here. */
export const illustrations = {
  newsletter: {
    purpose: 'Newsletter',
    shapes: () => [
      ...card(70, 58, 100, 70, 8),
      path('fill', 'M86 30h68v46l-34 24-34-24z'),
      path('light', 'M98 46h44M98 60h28'),
      path('paper', 'M70 66l50 36 50-36v54a8 8 0 0 1-8 8H78a8 8 0 0 1-8-8z'),
      path('line', 'M72 66l48 36 48-36M70 66v54a8 8 0 0 0 8 8h84a8 8 0 0 0 8-8V66'),
    ],
  },
  thanks: {
    purpose: 'Thank-you',
    shapes: () => [
      circle('fill', 120, 80, 42),
      path('light', 'M100 82l14 15 27-32'),
      path('line', 'M66 140l12-22M174 140l-12-22'),
      ...sparks([62, 56], [180, 50], [172, 100], [70, 98]),
    ],
  },
  welcome: {
    purpose: 'Welcome',
    shapes: () => [
      box('deep', 84, 30, 72, 110, 4),
      path('fill', 'M84 30l44 14v106l-44-10z'),
      circle('paper', 118, 98, 4),
      path('tint', 'M156 50l44-14v112l-44-8z'),
      path('line', 'M84 140V34a4 4 0 0 1 4-4h64a4 4 0 0 1 4 4v106'),
      ...sparks([182, 62], [176, 96]),
    ],
  },
  offer: {
    purpose: 'Special offer',
    shapes: () => [
      path('fill', 'M58 84l52-50h48a10 10 0 0 1 10 10v48l-52 50a8 8 0 0 1-11 0L58 96a8 8 0 0 1 0-12z'),
      circle('paper', 146, 56, 8),
      path('light', 'M96 108l30-34'),
      circle('paper', 98, 84, 6),
      circle('paper', 124, 100, 6),
      path('line', 'M146 56c14-18 30-22 40-16'),
    ],
  },
  gift: {
    purpose: 'Gift or discount code',
    shapes: () => [
      box('fill', 74, 76, 92, 64, 6),
      box('deep', 66, 58, 108, 24, 6),
      box('paper', 112, 58, 16, 82),
      path('line', 'M120 58c-34-2-40-32-20-32 14 0 18 18 20 32 2-14 6-32 20-32 20 0 14 30-20 32z'),
      ...sparks([52, 44], [190, 46]),
    ],
  },
  deadline: {
    purpose: 'Countdown',
    shapes: () => [
      circle('fill', 120, 82, 52),
      circle('paper', 120, 82, 40),
      path('line', 'M120 54v28l18 14'),
      path('thin', 'M120 48v4M120 112v4M86 82h4M150 82h4'),
      box('deep', 110, 18, 20, 12, 4),
      path('line', 'M162 40l10-10'),
    ],
  },
  event: {
    purpose: 'Event',
    shapes: () => [
      box('paper', 68, 44, 104, 92, 8),
      path('fill', 'M68 68V52a8 8 0 0 1 8-8h88a8 8 0 0 1 8 8v16z'),
      box('line', 68, 44, 104, 92, 8),
      path('line', 'M94 34v20M146 34v20'),
      box('tint', 82, 80, 18, 16, 3),
      box('tint', 111, 80, 18, 16, 3),
      box('fill', 140, 80, 18, 16, 3),
      box('tint', 82, 106, 18, 16, 3),
      box('tint', 111, 106, 18, 16, 3),
    ],
  },
  booking: {
    purpose: 'Booking',
    shapes: () => [
      path(
        'fill',
        'M56 60a6 6 0 0 1 6-6h116a6 6 0 0 1 6 6v16a14 14 0 0 0 0 28v16a6 6 0 0 1-6 6H62a6 6 0 0 1-6-6v-16a14 14 0 0 0 0-28z',
      ),
      path('light', 'M140 62v10M140 80v10M140 98v10M140 114v6'),
      path('light', 'M80 78h40M80 92h28'),
      circle('paper', 160, 90, 6),
    ],
  },
  contact: {
    purpose: 'Contact',
    shapes: () => [
      path(
        'fill',
        'M52 40h84a10 10 0 0 1 10 10v36a10 10 0 0 1-10 10H86l-20 18V96H62a10 10 0 0 1-10-10V50a10 10 0 0 1 0-10z',
      ),
      path('light', 'M72 60h56M72 76h36'),
      ...sheet(
        'M120 84h58a10 10 0 0 1 10 10v24a10 10 0 0 1-10 10h-2v14l-16-14h-40a10 10 0 0 1-10-10V94a10 10 0 0 1 10-10z',
      ),
      circle('fill', 132, 106, 4),
      circle('fill', 149, 106, 4),
      circle('fill', 166, 106, 4),
    ],
  },
  help: {
    purpose: 'Questions and answers',
    shapes: () => [
      path(
        'fill',
        'M76 30h88a12 12 0 0 1 12 12v60a12 12 0 0 1-12 12h-30l-18 20v-20H76a12 12 0 0 1-12-12V42a12 12 0 0 1 12-12z',
      ),
      path('light', 'M106 60c0-20 30-18 28 0-2 12-14 10-14 24'),
      circle('paper', 120, 96, 4),
      ...sparks([48, 60], [194, 84]),
    ],
  },
  donate: {
    purpose: 'Donation',
    shapes: () => [
      heart('fill', 120, 70, 34),
      path('paper', 'M54 118h30l22-8c8-2 14 6 8 10h18l34-14c10-2 14 6 8 12l-44 22H54z'),
      path('line', 'M54 118h30l22-8c8-2 14 6 8 10l-14 6M114 120h18l34-14c10-2 14 6 8 12l-44 22H54'),
      ...sparks([70, 52], [176, 56]),
    ],
  },
  members: {
    purpose: 'Members',
    shapes: () => [
      ...person(78, 74, 'tint'),
      ...person(162, 74, 'deep'),
      ...person(120, 60, 'fill'),
      ...sparks([120, 26]),
    ],
  },
  signin: {
    purpose: 'Sign-in',
    shapes: () => [
      path('line', 'M96 74V54a24 24 0 0 1 48 0v20'),
      box('fill', 80, 72, 80, 64, 10),
      circle('paper', 120, 98, 9),
      path('light', 'M120 104v14'),
      ...sparks([62, 58], [180, 62]),
    ],
  },
  download: {
    purpose: 'Download',
    shapes: () => [
      path('paper', 'M84 24h50l24 24v84a6 6 0 0 1-6 6H84a6 6 0 0 1-6-6V30a6 6 0 0 1 6-6z'),
      path('line', 'M84 24h50l24 24v84a6 6 0 0 1-6 6H84a6 6 0 0 1-6-6V30a6 6 0 0 1 6-6zM134 24v24h24'),
      circle('fill', 118, 92, 28),
      path('light', 'M118 78v26M107 94l11 11 11-11'),
    ],
  },
  guide: {
    purpose: 'Guide',
    shapes: () => [
      path('paper', 'M120 54c-18-14-44-16-66-12v84c22-4 48-2 66 12z'),
      path('tint', 'M120 54c18-14 44-16 66-12v84c-22-4-48-2-66 12z'),
      path(
        'line',
        'M120 54c-18-14-44-16-66-12v84c22-4 48-2 66 12 18-14 44-16 66-12V42c-22-4-48-2-66 12zm0 0v84',
      ),
      path('thin', 'M70 62c12-1 24 1 34 6M70 82c12-1 24 1 34 6M136 68c10-5 22-7 34-6'),
      path('fill', 'M150 36h20v40l-10-8-10 8z'),
    ],
  },
  basket: {
    purpose: 'Basket',
    shapes: () => [
      path('fill', 'M60 74h120l-12 60a8 8 0 0 1-8 6H80a8 8 0 0 1-8-6z'),
      path('line', 'M84 74l22-40M156 74l-22-40'),
      path('light', 'M96 94v26M120 94v26M144 94v26'),
      box('deep', 54, 66, 132, 14, 6),
    ],
  },
  empty: {
    purpose: 'Nothing here yet',
    shapes: () => [
      path('tint', 'M64 88l20-40h72l20 40v44a6 6 0 0 1-6 6H70a6 6 0 0 1-6-6z'),
      path('paper', 'M64 88h34l8 16h28l8-16h34v44a6 6 0 0 1-6 6H70a6 6 0 0 1-6-6z'),
      path('line', 'M64 88l20-40h72l20 40v44a6 6 0 0 1-6 6H70a6 6 0 0 1-6-6zm0 0h34l8 16h28l8-16h34'),
      path('thin', 'M120 34V22M96 36l-6-10M144 36l6-10'),
    ],
  },
  error: {
    purpose: 'Something went wrong',
    shapes: () => [
      path('fill', 'M112 34a9 9 0 0 1 16 0l50 92a9 9 0 0 1-8 14H70a9 9 0 0 1-8-14z'),
      path('light', 'M120 70v32'),
      circle('paper', 120, 120, 4),
      path('thin', 'M46 74l10 4M194 74l-10 4M52 104l9-1M188 104l-9-1'),
    ],
  },
  offline: {
    purpose: 'Nobody available',
    shapes: () => [
      path('fill', 'M146 34a52 52 0 1 0 34 82 44 44 0 0 1-34-82z'),
      ...sparks([176, 48], [194, 76]),
      path('line', 'M150 88h18l-18 20h18M178 64h12l-12 14h12'),
    ],
  },
  expired: {
    purpose: 'Offer ended',
    shapes: () => [
      path('paper', 'M86 34h68c0 30-22 34-22 52s22 22 22 52H86c0-30 22-34 22-52s-22-22-22-52z'),
      path('fill', 'M94 134c2-20 14-28 26-28s24 8 26 28z'),
      path('line', 'M86 34h68c0 30-22 34-22 52s22 22 22 52H86c0-30 22-34 22-52s-22-22-22-52z'),
      box('deep', 78, 24, 84, 12, 5),
      box('deep', 78, 132, 84, 12, 5),
    ],
  },
  news: {
    purpose: 'Announcement',
    shapes: () => [
      path('fill', 'M76 70l72-34v92L76 98z'),
      box('deep', 58, 68, 22, 34, 6),
      path('line', 'M84 102l8 32h16l-6-28'),
      path('line', 'M164 68c8 6 8 22 0 28M176 54c18 14 18 42 0 56'),
    ],
  },
  review: {
    purpose: 'Reviews',
    shapes: () => [
      ...card(58, 52, 124, 78, 10),
      ...[86, 120, 154].map((x) => path('fill', `M${x} 66l5 10 11 2-8 8 2 11-10-5-10 5 2-11-8-8 11-2z`)),
      path('thin', 'M80 112h80'),
      circle('deep', 120, 38, 14),
    ],
  },
  survey: {
    purpose: 'Survey',
    shapes: () => [
      ...card(72, 34, 96, 106, 8),
      box('deep', 98, 26, 44, 16, 6),
      ...[64, 92, 120].flatMap((y, at) => [
        at < 2 ? box('fill', 84, y - 9, 18, 18, 4) : box('line', 85, y - 8, 16, 16, 4),
        path('thin', `M114 ${y}h40`),
      ]),
      path('light', 'M88 64l4 4 7-8M88 92l4 4 7-8'),
    ],
  },
  place: {
    purpose: 'Location',
    shapes: () => [
      path('paper', 'M52 68l44-14 48 14 44-14v70l-44 14-48-14-44 14z'),
      path('line', 'M52 68l44-14 48 14 44-14v70l-44 14-48-14-44 14zM96 54v70M144 68v70'),
      path('fill', 'M120 108c-22-26-30-36-30-50a30 30 0 0 1 60 0c0 14-8 24-30 50z'),
      circle('paper', 120, 58, 11),
    ],
  },
  delivery: {
    purpose: 'Delivery',
    shapes: () => [
      box('fill', 48, 52, 92, 70, 6),
      path('deep', 'M140 72h30l22 26v24h-52z'),
      path('paper', 'M150 82h16l12 16h-28z'),
      path('light', 'M62 68h40M62 82h26'),
      ...wheel(80, 126, 14),
      ...wheel(164, 126, 14),
    ],
  },
  video: {
    purpose: 'Video',
    shapes: () => [
      box('fill', 56, 38, 128, 84, 10),
      circle('paper', 120, 80, 24),
      path('fill', 'M113 68l20 12-20 12z'),
      path('line', 'M96 138h48M120 122v16'),
    ],
  },
  checklist: {
    purpose: 'Benefits',
    shapes: () =>
      [50, 84, 118].flatMap((y, at) => [
        circle('fill', 74, y, 15),
        check(73, y),
        box(at === 1 ? 'tint' : 'wash', 100, y - 10, at === 1 ? 62 : 84, 20, 10),
      ]),
  },
} satisfies Record<string, Illustration>;

export type IllustrationName = keyof typeof illustrations;
