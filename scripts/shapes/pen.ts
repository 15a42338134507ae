/** Small verbs for drawing: each gives SVG path data, closed unless it says otherwise. */

const n = (value: number) => String(Math.round(value * 10) / 10);

export function circle(x: number, y: number, r: number): string {
  return ellipse(x, y, r, r);
}

export function ellipse(x: number, y: number, rx: number, ry: number): string {
  return `M${n(x - rx)} ${n(y)}A${n(rx)} ${n(ry)} 0 1 1 ${n(x + rx)} ${n(y)}A${n(rx)} ${n(ry)} 0 1 1 ${n(x - rx)} ${n(y)}Z`;
}

export function box(x: number, y: number, width: number, height: number, r = 0): string {
  if (r === 0) return `M${n(x)} ${n(y)}h${n(width)}v${n(height)}h${n(-width)}Z`;
  const [across, down] = [n(width - 2 * r), n(height - 2 * r)];
  const round = (dx: number, dy: number) => `a${n(r)} ${n(r)} 0 0 1 ${n(dx)} ${n(dy)}`;
  return `M${n(x + r)} ${n(y)}h${across}${round(r, r)}v${down}${round(-r, r)}h-${across}${round(-r, -r)}v-${down}${round(r, -r)}Z`;
}

export function polygon(...points: readonly (readonly [number, number])[]): string {
  return `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}Z`;
}

/** An open line. */
export function line(...points: readonly (readonly [number, number])[]): string {
  return `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}`;
}

/** A leaf from a point, so long and so wide, its tip at an angle in degrees, 0 to the right. */
export function leaf(x: number, y: number, long: number, wide: number, angle: number): string {
  const turn = (dx: number, dy: number) => {
    const a = (angle * Math.PI) / 180;
    return `${n(x + dx * Math.cos(a) - dy * Math.sin(a))} ${n(y + dx * Math.sin(a) + dy * Math.cos(a))}`;
  };
  const half = wide / 2;
  return `M${turn(0, 0)}C${turn(long * 0.2, -half * 1.2)} ${turn(long * 0.7, -half * 1.2)} ${turn(long, 0)}C${turn(long * 0.7, half * 1.2)} ${turn(long * 0.2, half * 1.2)} ${turn(0, 0)}Z`;
}

/** The vein of a leaf, open. */
export function vein(x: number, y: number, long: number, angle: number): string {
  const a = (angle * Math.PI) / 180;
  const at = (part: number) =>
    [x + long * part * Math.cos(a), y + long * part * Math.sin(a)] as const;
  return line(at(0.08), at(0.8));
}

/** Petals round a middle. */
export function petals(x: number, y: number, count: number, long: number, wide: number, from = 0) {
  return Array.from({ length: count }, (_, index) =>
    leaf(x, y, long, wide, from + (index * 360) / count),
  ).join('');
}

/** A wavy edge between two heights, closed along the bottom. */
export function hill(
  width: number,
  height: number,
  crests: readonly (readonly [number, number])[],
): string {
  const points = [
    [0, crests[0]?.[1] ?? 0] as const,
    ...crests,
    [width, crests.at(-1)?.[1] ?? 0] as const,
  ];
  let path = `M0 ${n(points[0]?.[1] ?? 0)}`;
  for (let index = 1; index < points.length; index += 1) {
    const [x0 = 0, y0 = 0] = points[index - 1] ?? [];
    const [x1 = 0, y1 = 0] = points[index] ?? [];
    const middle = (x0 + x1) / 2;
    path += `C${n(middle)} ${n(y0)} ${n(middle)} ${n(y1)} ${n(x1)} ${n(y1)}`;
  }
  return `${path}V${n(height)}H0Z`;
}

/** A scalloped ring of so many bows inside a box. */
export function scallops(width: number, height: number, bow: number): string {
  const across = Math.max(2, Math.round((width - bow) / bow));
  const down = Math.max(2, Math.round((height - bow) / bow));
  const [stepX, stepY] = [(width - bow) / across, (height - bow) / down];
  const half = bow / 2;
  const arc = (dx: number, dy: number, step: number) =>
    `a${n(step / 2)} ${n(half)} 0 0 1 ${n(dx)} ${n(dy)}`;
  const arcDown = (dx: number, dy: number, step: number) =>
    `a${n(half)} ${n(step / 2)} 0 0 1 ${n(dx)} ${n(dy)}`;
  return [
    `M${n(half)} ${n(half)}`,
    ...Array.from({ length: across }, () => arc(stepX, 0, stepX)),
    ...Array.from({ length: down }, () => arcDown(0, stepY, stepY)),
    ...Array.from({ length: across }, () => arc(-stepX, 0, stepX)),
    ...Array.from({ length: down }, () => arcDown(0, -stepY, stepY)),
    'Z',
  ].join('');
}
