import { Box, useToken } from '@chakra-ui/react';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { Bar } from 'react-chartjs-2';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip);

/** A row of bars with its figures in a text for those who do not see it. */
export function Bars({
  label,
  names,
  values,
  format = String,
}: {
  label: string;
  names: readonly string[];
  values: readonly number[];
  format?(value: number): string;
}) {
  const [ink, line, deep] = useToken('colors', ['slate', 'line', 'deep']);
  return (
    <Box h="150px">
      <Bar
        aria-label={`${label}: ${names.map((name, at) => `${name} ${format(values[at] ?? 0)}`).join(', ')}`}
        data={{
          labels: [...names],
          datasets: [{ data: [...values], backgroundColor: resolved(deep), borderRadius: 2 }],
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: { tooltip: { callbacks: { label: ({ parsed }) => format(parsed.y ?? 0) } } },
          scales: {
            x: { ticks: { color: resolved(ink), font: { size: 12 } }, grid: { display: false } },
            y: {
              beginAtZero: true,
              ticks: {
                color: resolved(ink),
                font: { size: 12 },
                callback: (value) => format(Number(value)),
                maxTicksLimit: 5,
              },
              grid: { color: resolved(line) },
            },
          },
        }}
      />
    </Box>
  );
}

// A canvas knows no custom properties: a token is read as the colour that it has now.
function resolved(token: string | undefined): string {
  const name = /^var\((--[^)]+)\)$/.exec(token ?? '')?.[1];
  return name ? getComputedStyle(document.documentElement).getPropertyValue(name).trim() : (token ?? '');
}
