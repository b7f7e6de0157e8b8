import {
	BarElement,
	CategoryScale,
	Chart,
	Filler,
	LinearScale,
	LineController,
	LineElement,
	LogarithmicScale,
	PointElement,
	ScatterController,
	Tooltip
} from 'chart.js';
import {
	BarWithErrorBar,
	BarWithErrorBarsController,
	PointWithErrorBar,
	ScatterWithErrorBarsController
} from 'chartjs-chart-error-bars';

// Only what is drawn here is registered: browsers don't load the rest of the library.
Chart.register(
	BarElement,
	BarWithErrorBar,
	BarWithErrorBarsController,
	CategoryScale,
	Filler,
	LinearScale,
	LineController,
	LineElement,
	LogarithmicScale,
	PointElement,
	PointWithErrorBar,
	ScatterController,
	ScatterWithErrorBarsController,
	Tooltip
);

export { Chart };
