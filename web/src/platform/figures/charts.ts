import { Chart } from 'chart.js';
import { asStyled, onLook } from '../shell/look';

/** Words and lines of every chart, in the light of the pages. */
function colourCharts(): void {
  const { quiet, rule, sans } = asStyled;
  Chart.defaults.color = quiet;
  Chart.defaults.borderColor = rule;
  Chart.defaults.font.family = sans;
}

colourCharts();
onLook(colourCharts);

export { useColours as useChartColours } from '../shell/look';
