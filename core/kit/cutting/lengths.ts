/**
 * How many sticks or balls give so many lengths, none joined.
 * @throws RangeError when a length is not more than 0, or longer than a stick
 * @example sticksFor(60, 25, 300) // { sticks: 5, perStick: 12, left: 0 }
 */
export function sticksFor(
  pieces: number,
  length: number,
  stickLength: number,
): { sticks: number; perStick: number; left: number } {
  if (!(length > 0) || !(stickLength > 0)) throw new RangeError('a length is more than 0')
  const perStick = Math.floor(Number((stickLength / length).toPrecision(10)))
  if (perStick === 0) throw new RangeError('a stick is shorter than one piece')
  return {
    sticks: Math.ceil(pieces / perStick),
    perStick,
    left: Number((stickLength - perStick * length).toPrecision(10)),
  }
}
