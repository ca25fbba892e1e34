/** Where on a clock face an angle is, to the half hour. */
export function clockText(deg: number): string {
  const halves = Math.round((((deg % 360) + 360) % 360) / 15) % 24;
  const hour = Math.floor(halves / 2) || 12;
  return halves % 2 === 0 ? String(hour) : `${hour}½`;
}
