import { seeded } from '@sirene/core/base/random';

const number = (value: number) => value.toFixed(1);

/** A field of stars, the same every time. */
function stars(count: number, width: number, height: number, seed: number): string {
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    const bright = random() ** 3;
    const [x, y] = [random() * width, random() * height];
    const fill = random() > 0.86 ? '#ffd08a' : '#dfe4ff';
    return `<circle cx="${number(x)}" cy="${number(y)}" r="${number(0.5 + bright * 1.6)}" fill="${fill}" opacity="${number(0.35 + bright * 0.65)}"/>`;
  }).join('');
}

/** The dome on its moor at night: the picture at the head of the home page. */
export function domeNight(): string {
  return `<svg class="dome" viewBox="0 0 1200 520" preserveAspectRatio="xMidYMax slice" aria-hidden="true">
<defs><linearGradient id="sky" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#10123a"/><stop offset=".62" stop-color="#2a2c6b"/><stop offset="1" stop-color="#6a5a8c"/></linearGradient>
<linearGradient id="beam" x1="0" y1="1" x2=".5" y2="0"><stop offset="0" stop-color="#ffce7a" stop-opacity=".55"/><stop offset="1" stop-color="#ffce7a" stop-opacity="0"/></linearGradient></defs>
<rect width="1200" height="520" fill="url(#sky)"/>${stars(190, 1200, 380, 7)}
<path d="M826 342 L 968 0 L 1104 0 L 862 346 Z" fill="url(#beam)"/>
<path d="M0 432 C 180 372 330 408 520 396 S 860 330 1200 410 V520 H0 Z" fill="#1d1d4c"/>
<g><path d="M762 404 v-36 a78 78 0 0 1 156 0 v36 Z" fill="#0d0e2e"/><path d="M832 291 a78 78 0 0 1 30 4 l-14 74 h-22 Z" fill="#ffb547"/>
<rect x="750" y="400" width="180" height="20" rx="3" fill="#0d0e2e"/><rect x="776" y="410" width="128" height="42" fill="#141541"/><rect x="828" y="424" width="24" height="28" fill="#ffb547"/></g>
<path d="M0 470 C 240 410 470 468 700 446 S 1040 424 1200 462 V520 H0 Z" fill="#0d0e2e"/></svg>`;
}

/** Eight phases of the moon in a row. */
export function moonPhases(): string {
  const moons = Array.from({ length: 8 }, (_, at) => {
    const x = 40 + at * 74;
    const lit = Math.cos((at / 8) * 2 * Math.PI);
    const sweep = at < 4 ? 1 : 0;
    const inner = lit > 0 ? 1 - sweep : sweep;
    return `<circle cx="${x}" cy="36" r="26" fill="#23255c"/>${
      at === 0
        ? ''
        : `<path d="M${x} 10 A26 26 0 0 ${sweep} ${x} 62 A${number(Math.abs(lit) * 26)} 26 0 0 ${inner} ${x} 10" fill="#f3e3bd"/>`
    }`;
  });
  return `<svg viewBox="0 0 600 72" class="moons" role="img" aria-label="The phases of the moon">${moons.join('')}</svg>`;
}

/** A sky chart: rings, hours and a few figures joined by lines. */
export function skyChart(seed: number): string {
  const random = seeded(seed);
  const figure = () => {
    const points = Array.from({ length: 4 + Math.floor(random() * 3) }, () => {
      const [turn, far] = [random() * 2 * Math.PI, 20 + random() * 118];
      return [160 + Math.cos(turn) * far * 0.7, 160 + Math.sin(turn) * far * 0.7] as const;
    }).sort((a, b) => a[0] - b[0]);
    const line = points.map(([x, y]) => `${number(x)},${number(y)}`).join(' ');
    const dots = points.map(
      ([x, y]) => `<circle cx="${number(x)}" cy="${number(y)}" r="3.2" fill="#ffd08a"/>`,
    );
    return `<polyline points="${line}" fill="none" stroke="#8f95d6" stroke-width="1"/>${dots.join('')}`;
  };
  const rings = [52, 96, 140].map((r) => `<circle cx="160" cy="160" r="${r}" fill="none" stroke="#3d4188"/>`);
  return `<svg viewBox="0 0 320 320" class="art" preserveAspectRatio="xMidYMid slice" aria-hidden="true"><rect width="320" height="320" fill="#171a48"/>${stars(90, 320, 320, seed + 1)}${rings.join('')}<path d="M160 12 V308 M12 160 H308" stroke="#3d4188"/>${figure()}${figure()}${figure()}</svg>`;
}

/** The red reading lamp of the shop. */
export function lamp(): string {
  return `<svg viewBox="0 0 320 320" class="art" preserveAspectRatio="xMidYMid slice" aria-hidden="true"><rect width="320" height="320" fill="#2a1830"/><circle cx="176" cy="172" r="120" fill="#e2552b" opacity=".16"/><circle cx="176" cy="172" r="72" fill="#e2552b" opacity=".22"/><path d="M84 268 h150 a8 8 0 0 1 8 8 v8 H76 v-8 a8 8 0 0 1 8 -8 Z" fill="#0e0a18"/><path d="M150 268 C 140 190 96 170 112 104 C 122 66 158 60 184 78" fill="none" stroke="#0e0a18" stroke-width="10" stroke-linecap="round"/><path d="M164 78 L 216 58 L 240 118 A 44 44 0 0 1 158 140 Z" fill="#0e0a18"/><ellipse cx="200" cy="131" rx="42" ry="14" fill="#ff8a4c" transform="rotate(-18 200 131)"/></svg>`;
}

/** The small mark beside the name: a dome with an open slit. */
export const mark =
  '<svg viewBox="0 0 32 32" width="30" height="30" aria-hidden="true"><path d="M5 22a11 11 0 0 1 22 0Z" fill="currentColor"/><path d="M15 11.2a11 11 0 0 1 4 .3l-2 10.5h-3Z" fill="#ffb547"/><path d="M3 23h26v3H3z" fill="currentColor"/></svg>';

/** The full moon, with its seas. */
export function fullMoon(): string {
  const seas = [
    [40, 36, 13],
    [58, 30, 9],
    [36, 58, 8],
    [62, 56, 11],
    [50, 74, 6],
  ].map(([x, y, r]) => `<circle cx="${x}" cy="${y}" r="${r}" fill="#d9c795" opacity=".7"/>`);
  return `<svg viewBox="0 0 96 96" width="96" height="96" class="art" aria-hidden="true"><rect width="96" height="96" fill="#171a48"/><circle cx="48" cy="48" r="36" fill="#f3e3bd"/>${seas.join('')}</svg>`;
}

/** Eight planets in a row, to scale with each other. */
export function planets(): string {
  const worlds: [x: number, radius: number, colour: string][] = [
    [22, 2, '#b9a58a'],
    [34, 4, '#e3c48d'],
    [48, 4.2, '#7da6d8'],
    [61, 3, '#d0704a'],
    [104, 34, '#d8b48a'],
    [184, 28, '#e8d3a0'],
    [246, 14, '#9fd0d6'],
    [284, 13.5, '#5b7fd0'],
  ];
  const circles = worlds.map(([x, r, fill]) => `<circle cx="${x}" cy="160" r="${r}" fill="${fill}"/>`);
  return `<svg viewBox="0 0 320 320" class="art" preserveAspectRatio="xMidYMid slice" aria-hidden="true"><rect width="320" height="320" fill="#f3efe6"/><rect x="0" y="132" width="320" height="56" fill="#171a48"/><ellipse cx="184" cy="160" rx="48" ry="9" fill="none" stroke="#e8d3a0" stroke-width="3"/>${circles.join('')}<path d="M0 40 H320 M0 280 H320" stroke="#c9bfa4" stroke-width="3" stroke-dasharray="6 5"/></svg>`;
}

/** The porcelain moon of the shop, three quarters full. */
export function moonLamp(): string {
  return `<svg viewBox="0 0 320 320" class="art" preserveAspectRatio="xMidYMid slice" aria-hidden="true"><rect width="320" height="320" fill="#1b1d4f"/>${stars(40, 320, 320, 88)}<circle cx="160" cy="140" r="120" fill="#f3e3bd" opacity=".12"/><circle cx="160" cy="140" r="82" fill="#3a3c78"/><path d="M160 58 A82 82 0 0 1 160 222 A44 82 0 0 1 160 58" fill="#f6e9c8"/><path d="M128 224 h64 l14 52 h-92 Z" fill="#0d0e2e"/></svg>`;
}
