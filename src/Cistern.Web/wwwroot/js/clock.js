/** Formats a time on the brew clock, like ClockTime in the core; tests/cases/clock.json compares them. */
export const clock = (seconds) => {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds <= -0.5 ? '−' : '';
  const two = (n) => String(n).padStart(2, '0');
  return whole >= 3600
    ? `${sign}${Math.floor(whole / 3600)}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`
    : `${sign}${Math.floor(whole / 60)}:${two(whole % 60)}`;
};
