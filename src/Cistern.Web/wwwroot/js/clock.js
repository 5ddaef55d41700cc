/** A time on the brew clock as it is told: the same as BrewChartLabels.Clock; tests/cases/clock.json holds them together. */
export const clock = (seconds) => {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds <= -0.5 ? '−' : '';
  const two = (n) => String(n).padStart(2, '0');
  return whole >= 3600
    ? `${sign}${Math.floor(whole / 3600)}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`
    : `${sign}${Math.floor(whole / 60)}:${two(whole % 60)}`;
};
