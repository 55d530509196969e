import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartOptions,
} from 'chart.js'
import type { ThemeColours } from './useThemeColours'

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
)
Chart.defaults.font.family = "'Atkinson Hyperlegible Next Variable', sans-serif"
Chart.defaults.font.size = 13

/** Axes in the colours of the theme, with words for what they count; nothing moves. */
export const plainOptions = (colours: ThemeColours, x: string, y: string) =>
  ({
    animation: false,
    maintainAspectRatio: false,
    plugins: { tooltip: { enabled: true }, legend: { display: false } },
    scales: {
      x: {
        title: { display: x !== '', text: x, color: colours.ink2 },
        ticks: { color: colours.ink2 },
        grid: { color: colours.line2 },
      },
      y: {
        title: { display: y !== '', text: y, color: colours.ink2 },
        ticks: { color: colours.ink2 },
        grid: { color: colours.line2 },
      },
    },
  }) satisfies ChartOptions

/**
 * The same for lines of shares in percent over figures that begin at 0, with their names above.
 * @param named whether a line is named, by its name
 */
export function shareOptions(
  colours: ThemeColours,
  x: string,
  y: string,
  named: (line: string) => boolean = () => true,
): ChartOptions<'line'> {
  const { animation, maintainAspectRatio, scales } = plainOptions(colours, x, y)
  return {
    animation,
    maintainAspectRatio,
    plugins: {
      legend: {
        display: true,
        labels: { color: colours.ink2, boxWidth: 40, boxHeight: 0, filter: ({ text }) => named(text) },
      },
    },
    scales: { x: { ...scales.x, type: 'linear', min: 0 }, y: { ...scales.y, min: 0, max: 100 } },
  }
}
