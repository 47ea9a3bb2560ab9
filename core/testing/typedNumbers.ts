import type { Unit } from '../quantity'

/** A text as somebody types it, and the number that it says in the unit; null where it must be asked about. */
export interface TypedNumber {
  text: string
  unit: Unit
  value: number | null
}

// A unit, then texts with what they say; "?" is asked about or refused.
const typed = `
cm | 12 = 12 | 12.5 = 12.5 | 12,5 = 12.5 | .5 = 0.5 | ,5 = 0.5 | 0.5 = 0.5 | 0,05 = 0.05 | 007 = 7 | +4 = 4 | 12. = 12
cm | 12cm = 12 | 12 cm = 12 | 12 cm. = 12 | 12 CM = 12 | 12 centimetres = 12 | 12 centimeters = 12 | “12” = 12 | "12" = 12 | '12' = 12
cm | 3 1/2 = 3.5 | 3½ = 3.5 | 3 ½ = 3.5 | ½ = 0.5 | 1/4 = 0.25 | ¾ = 0.75 | 2 3/4 = 2.75 | 12¼ cm = 12.25 | 3⅛ = 3.125 | 3 1/2 in = 8.89
cm | 1.2 m = 120 | 1.20 m = 120 | 1,2 m = 120 | 1m = 100 | 1 m 20 cm = 120 | 1 m 20 = 120 | 1m20 = 120 | 1m 5cm = 105 | 35 mm = 3.5 | 12 cm 5 mm = 12.5
cm | 5 in = 12.7 | 5 inches = 12.7 | 5" = 12.7 | 2 ft = 60.96 | 5 ft 3 in = 160.02 | 5' 3" = 160.02 | 5.5 ft = 167.64 | 1.050 m = 105 | 2.345 m = 234.5 | 0.125 m = 12.5
cm | １２ = 12 | １２．５ = 12.5 | 12 000 = 12000 | 1 250 cm = 1250 | -3 = -3 | −3 = -3 | minus 3 = -3 | 1 dm = 10 | 99.9 = 99.9 | 100 = 100
cm | 1,200 = ? | 1.200 = ? | 12.000 = ? | 10,000 = ? | 1.200 cm = ? | 5.11 ft = ? | 5.10 ft = ? | 5.6 ft = ? | 6,2 ft = ? | 1,050 m = ?
cm | 12² = ? | ² = ? | 1²2 = ? | 10⁻¹ = ? | H₂ = ? | ₁₂ = ? | 1O = ? | l2 = ? | 1l = ? | O = ?
cm | 12 13 = ? | 12-13 = ? | 12–13 = ? | 12 or 13 = ? | 12 to 13 = ? | 12/13 = ? | 12 + 13 = ? | 3 x 4 = ? | 3×4 = ? | 3*4 = ?
cm | about 12 = ? | ~12 = ? | 12ish = ? | 12 ish = ? | nearly 12 = ? | 12? = ? | 12! = ? | >12 = ? | <12 = ? | 12% = ?
cm | twelve = ? | half = ? | a half = ? | two = ? | 12..5 = ? | 12,,5 = ? | 1.2.3 = ? | 1,2,3 = ? | --5 = ? | +-5 = ?
cm | 12 g = ? | 12 s = ? | 12 clips = ? | 12 parsecs = ? | 1 m 120 cm = ? | 1.5 m 20 cm = ? | 5 ft 30 in = ? | 5 ft 12 in = ? | 1:05 = ? | 12:30 = ?
cm | 1e3 = ? | 1e9 = ? | 0x10 = ? | NaN = ? | Infinity = ? | 1/0 = ? | 7/5 = ? | 3 7/5 = ? | 99999999 = ? | ½½ = ?
cm | 2 hundred = ? | 2 hundred cm = ? | 1 thousand = ? | 2k = ? | 12 123 = ? | 12 345 = ? | 1 23 = ? | 12 cm 13 cm = ? | 12 cm and a bit = ? | 12 cm or so = ?
s | 12 = 12 | 12.3 = 12.3 | 12.34 = 12.34 | 12 s = 12 | 12s = 12 | 12 sec = 12 | 12 seconds = 12 | 2 min = 120 | 2min = 120 | 1.5 min = 90
s | 1:05 = 65 | 01:05 = 65 | 1:05.3 = 65.3 | 1:05,3 = 65.3 | 0:30 = 30 | 12:34 = 754 | 1:02:03 = 3723 | 2 min 5 s = 125 | 2m5s = 125 | 2 min 5 = 125
s | 1:30 min = 90 | 1 h = 3600 | 1 h 5 min = 3900 | 1,5 min = 90 | ½ min = 30 | 1½ min = 90 | 2.00 min = 120 | 2.75 min = 165 | 0.5 = 0.5 | 45 s. = 45
s | 1.30 min = ? | 2.30 min = ? | 1,30 min = ? | 2.45 min = ? | 0.30 min = ? | 1.05 min = ? | 1.30 h = ? | 1:5 = ? | 9:8 = ? | 1:75 = ?
s | -1:30 = ? | 1:60 = ? | :30 = ? | 1: = ? | 1:2:3 = ? | 1;05 = ? | 1-05 = ? | 12:34:56:78 = ? | 12s34 = ? | 1.200 = ?
s | 2 min 75 s = ? | 1.5 min 20 s = ? | 12 beats = ? | ten = ? | 12 s 3 = ? | 1 30 = ? | 12 / 3 = ? | 1'30 = ? | 2 minutes and 5 = ? | 5 past = ?
min | 5 = 5 | 5.5 = 5.5 | 5 min = 5 | 90 s = 1.5 | 5:30 = 5.5 | 1 h = 60 | 1 h 5 min = 65 | 1h05 = 65 | ½ h = 30 | 2.5 h = 150
min | 1.30 = ? | 2.45 = ? | 5:3 = ? | 1.30 h = ? | 2 h 75 min = ? | 5-6 = ? | 5² = ? | a minute = ? | 5 cm = ? | 5 30 = ?
g | 12 = 12 | 12.5 g = 12.5 | 1.5 kg = 1500 | 1.250 kg = 1250 | 1 kg 200 g = 1200 | 1 kg 200 = 1200 | 500mg = 0.5 | 12 grammes = 12 | 1,234.5 = 1234.5 | 1.234,5 = 1234.5
g | 12 000 g = 12000 | 1 500 = 1500 | ¼ kg = 250 | 0,5 kg = 500 | 250 grams = 250 | 0.125 = 0.125 | 12.345 = 12.345 | 1 200,5 = ? | 7½ = 7.5 | １５ g = 15
g | 1,200 = ? | 1.000 = ? | 1.250 g = ? | 1,234,567 = ? | 12,000 g = ? | 12 mL = ? | 10³ = ? | 3 spoons = ? | half a kilo = ? | 1 kg 1200 g = ?
mL | 250 = 250 | 0.25 L = 250 | 250ml = 250 | 250 ML = 250 | 1 L 250 mL = 1250 | 2 dl = 200 | 3 cl = 30 | 15 cm³ = 15 | 1½ L = 1500 | 1.500 L = 1500
mL | 12² = ? | 250 x 3 = ? | 3 x 250 = ? | 1.500 = ? | 2 cups = ? | 1/2 full = ? | 50-60 = ? | 250 g = ? | 15 cm³² = ? | a cup = ?
C | 20 = 20 | 20.5 = 20.5 | 20 °C = 20 | 20° = 20 | 20℃ = 20 | -3 = -3 | −3 °C = -3 | minus 5 = -5 | 68 °F = 20 | 20 degrees = 20
C | 20° C = 20 | 20 degrees Celsius = 20 | 37,5 = 37.5 | 0 = 0 | -0 = 0 | 20² = ? | 20-21 = ? | 20 21 = ? | warm = ? | 20 cm = ?
F | 68 = 68 | 68 °F = 68 | 68° = 68 | 20 °C = 68 | 98.6 = 98.6 | 32 F = 32 | 68–70 = ? | 6 8 = ? | 68 K = ? | sixty = ?
count | 12 = 12 | 12 clips = 12 | 12 paper clips = 12 | 1 clip = 1 | 1 drop = 1 | 30 drops = 30 | 5 children = 5 | 0 = 0 | 7. = 7 | １２ = 12
count | 3 leaves = 3 | 4 magnets = 4 | 12 jumps = 12 | 20 small peas = 20 | 100 = 100 | 1 200 = 1200 | 12clips = 12 | 8 washers = 8 | “9” = 9 | 2 seeds = 2
count | 1O = ? | O = ? | 2 hundred = ? | 3 dozen = ? | a dozen = ? | 4 pairs = ? | 4 pairs of socks = ? | 20 and two fell off = ? | 20 but 2 fell off = ? | 20 or 21 = ?
count | 20 ish = ? | 20ish = ? | 12 x = ? | x 12 = ? | 12 x 2 = ? | 2 x 12 = ? | 10 + 2 = ? | 12 minus 2 = ? | 12 plus two = ? | 20 less 2 = ?
count | 3 tens = ? | 2 rows of 5 = ? | 2 sets = ? | 5 each = ? | 5 per group = ? | 5 a try = ? | nearly 20 = ? | 20 nearly = ? | 20 or so = ? | 20 at least = ?
count | 10³ = ? | ² = ? | 12² = ? | 1.000 = ? | 1,000 = ? | 12 g = ? | 12 cm = ? | 2 packs = ? | half a pack = ? | 12 half clips = ?
count | 7 left = ? | 7 fell = ? | 7 too many = ? | 5 more = ? | 5 twice = ? | 1 hundred = ? | 2 thousand = ? | 12 maybe = ? | 12 I think = ? | lots = ?
count | 12, 13 = ? | 12;13 = ? | 12 13 = ? | 1 2 = ? | 12-ish = ? | 5 of 6 = ? | 5/6 of them = ? | 5 out of 6 = ? | 10 percent = ? | 12:30 = ?
in | 5 = 5 | 5 in = 5 | 5 1/2 = 5.5 | 5½" = 5.5 | 5 ft 2 = 62 | 1 ft = 12 | 12.7 cm = 5 | 5² = ? | 5.10 ft = ? | 5-6 = ?
m | 1.2 = 1.2 | 1.200 = 1.2 | 120 cm = 1.2 | 1 m 20 cm = 1.2 | 2 km = 2000 | 1,2 = 1.2 | 1,200 = ? | 1² = ? | 1-2 = ? | 1 20 = ?
m | ½ = 0.5 | 1¼ m = 1.25 | 0.045 = 0.045 | 35 cm 5 mm = 0.355
`

/** Four hundred texts as children and teachers type them into a field that takes a number, ordinary ones and odd ones. */
export const typedNumbers: TypedNumber[] = typed
  .trim()
  .split('\n')
  .flatMap((line) => {
    const [unit, ...cases] = line.split(' | ')
    return cases.map((one) => {
      const at = one.lastIndexOf(' = ')
      const said = one.slice(at + 3)
      return { text: one.slice(0, at), unit: unit as Unit, value: said === '?' ? null : Number(said) }
    })
  })
