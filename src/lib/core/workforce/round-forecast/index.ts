export {
	forecastRound,
	isWithin,
	LEAST_INVITATIONS,
	MINUTES_OF,
	MOST_WEIGHT,
	type ForecastWeek,
	type RoundForecast,
	type RoundOutcome
} from './forecast-round';
export { type PredictedCount } from './predicted-count';
export { FORECAST_KINDS, FORECAST_WEEKS, type ForecastKind, type WeeklyDelays } from './weekly-delays';
