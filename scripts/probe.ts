import { starters } from '#demo/starters'
import { kitAmounts } from '#core/kit'
import { checkSafe } from '#core/safety'
import { instrumentCupboard } from '#core/instrument'
for (const s of starters) {
  const plan = s.plan
  const lines = kitAmounts(plan, { groups: 6, children: 24, cupboard: instrumentCupboard })
  console.log('\n##', s.id)
  for (const l of lines)
    console.log('  ', l.origin, l.material.name, l.perGroup[0], l.shared, l.total, l.material.unit)
  const safe = checkSafe(plan, {
    age: '7-9',
    lines,
    allergies: [
      { allergen: 'gluten', children: 1 },
      { allergen: 'legumes', children: 1 },
    ],
    supplies: [],
  })
  for (const c of safe.cautions) console.log('   !', c.heading, '<-', c.because)
  console.log('   ?', safe.unknown, safe.allergies)
}
