<script setup lang="ts">
import { computed } from 'vue'
import { amountOf, amountWords, type CutPiece } from '#core/kit'
import { levelName } from '#core/plan'
import { countedThing, listed } from '#core/quantity'
import { useLesson } from '~/stores/lesson'
import { usePack } from '~/stores/pack'

/** What is mixed and cut, with the amounts and a drawing. */
const store = useLesson()
const pack = usePack()
const things = computed(() =>
  pack.lines.flatMap((line, index) => {
    const made = pack.made[index]
    const isCutTogether = made?.kind === 'pieces' && made.plan.sheets === 1 && sharedOf(line.material.id)
    return made && !isCutTogether && (line.total > 0 || made.kind === 'problem') ? [{ line, made }] : []
  }),
)
const sharedOf = (materialId: string) => pack.shared.find((one) => one.materialIds.includes(materialId))
/** Sheets that several sizes share, each with its pieces marked by letters. */
const cutTogether = computed(() =>
  pack.shared.flatMap(({ from, sheet, materialIds, sheets }) =>
    sheets.map((pieces, index) => {
      const letter = (id: string) => String.fromCharCode(65 + materialIds.indexOf(id))
      const counted = materialIds.flatMap((id) => {
        const count = pieces.filter((piece) => piece.id === id).length
        const line = pack.lines.find((one) => one.material.id === id)
        return count > 0 && line ? [`${countedThing(count, line.material.name)} (${letter(id)})`] : []
      })
      return {
        key: `${from} ${index}`,
        from: `a sheet of ${from}`,
        sheet,
        layout: pieces.map((piece) => ({ ...piece, mark: letter(piece.id) })),
        pieces: `${pieces.length} in all`,
        parts: listed(counted),
      }
    }),
  ),
)
function fromEach({ sheets, perSheet, onLast }: { sheets: number; perSheet: number; onLast: number }) {
  if (sheets === 1) return onLast < perSheet ? `which would give ${perSheet}` : 'which gives just that many'
  return `${perSheet} from each${onLast < perSheet ? `, ${onLast} from the last` : ''}`
}
/** A jug that is smaller than the mixture is filled more than once. */
const inBatches = (batches: number) =>
  batches > 1 ? `, a ${fractionWords[batches] ?? `${batches}th part`} at a time` : ''
const fractionWords: Record<number, string> = { 2: 'half', 3: 'third', 4: 'quarter', 5: 'fifth', 6: 'sixth' }
const rowsIn = (layout: readonly CutPiece[]) => {
  const rows = new Set(layout.map((one) => one.y)).size
  return rows === 1 ? 'one row' : `${rows} rows`
}
const nameOf = (levelId: string) => {
  const level = store.plan.levels.find((one) => one.id === levelId)
  return level ? levelName(store.plan, level) : ''
}
</script>

<template>
  <div class="made">
    <p v-if="things.length === 0" class="soft">
      Nothing to cut or mix. Type a line like “12 x 8 cm card from A4 per try”, “120 mL bubble mix per level,
      60 g sugar to 1 L”, or for a series over the levels “120 mL bubble mix per level, g sugar to 1 L by
      level”.
    </p>
    <article v-for="one in cutTogether" :key="one.key">
      <CutDrawing :layout="one.layout" :sheet="one.sheet" :piece="null" :round="false" :note="one.pieces" />
      <p>
        <b>Cut together</b><br />
        from {{ one.from }}: {{ one.parts }}.
      </p>
    </article>
    <article v-for="{ line, made } in things" :key="line.material.id">
      <template v-if="made.kind === 'pieces' && line.material.made?.kind === 'pieces'">
        <CutDrawing
          :layout="made.plan.layout"
          :sheet="{ width: line.material.made.sheetWidth, height: line.material.made.sheetHeight }"
          :piece="made.piece"
          :round="line.material.made.round ?? false"
          :note="`${Math.round(100 * made.plan.waste)}% of a sheet is waste`"
        />
        <p>
          <b>Cut {{ amountOf(line.total, line.material.unit, line.material.name) }}</b
          ><br />
          <template v-if="!sharedOf(line.material.id)"
            >from {{ amountWords(made.plan.sheets, 'sheets') }} of {{ made.from }},
            {{ fromEach(made.plan) }}.</template
          ><template v-else
            >{{
              made.plan.sheets > 1
                ? `${made.plan.perSheet} from each of ${amountWords(made.plan.sheets - 1, 'sheets')} of ${made.from}, `
                : ''
            }}{{ made.plan.onLast }} from what is cut together.</template
          >
        </p>
      </template>
      <template v-else-if="made.kind === 'roll' && line.material.made?.kind === 'pieces'">
        <CutDrawing
          :layout="made.layout"
          :sheet="{ width: line.material.made.sheetWidth, height: made.length }"
          :piece="made.piece"
          :round="line.material.made.round ?? false"
          :note="`in ${rowsIn(made.layout)} across the roll`"
        />
        <p>
          <b>Cut {{ amountOf(line.total, line.material.unit, line.material.name) }}</b
          ><br />
          from {{ amountWords(Math.ceil(made.length), 'cm') }} of {{ made.from }}.
        </p>
      </template>
      <p v-else-if="made.kind === 'lengths'">
        <b>Cut {{ amountOf(line.total, line.material.unit, line.material.name) }}</b
        ><br />
        from {{ countedThing(made.sticks, made.from) }}, {{ made.perStick }} from each<template
          v-if="made.left > 0"
          >, {{ made.left }} cm of each left</template
        >.
      </p>
      <p v-else-if="made.kind === 'recipe'">
        <b>Mix {{ amountOf(line.total, line.material.unit, line.material.name) }}</b
        ><br />
        {{ listed(made.ingredients.map((one) => `${amountWords(one.amount, one.unit)} of ${one.name}`)) }}.
      </p>
      <p v-else-if="made.kind === 'solution'">
        <b>Mix {{ amountOf(line.total, line.material.unit, line.material.name) }}</b
        ><br />
        {{ amountWords(made.mixture.water, 'mL') }} of water and
        {{ amountWords(made.mixture.added, made.unit) }} of {{ made.of
        }}{{ inBatches(made.mixture.batches) }}.
      </p>
      <div v-else-if="made.kind === 'series'">
        <b>Mix strong {{ line.material.name }}</b
        >: {{ amountWords(made.series.stock.water, 'mL') }} of water and
        {{ amountWords(made.series.stock.added, made.unit) }} of {{ made.of
        }}{{ inBatches(made.series.stock.batches) }}. Then for each level:
        <ul>
          <li v-for="step in made.series.steps" :key="step.levelId">
            <b>{{ nameOf(step.levelId) }}</b>: {{ step.strong }} mL of the strong one, {{ step.water }} mL of
            water
          </li>
        </ul>
      </div>
      <p v-else-if="made.kind === 'problem'" class="problem">{{ made.message }}</p>
    </article>
  </div>
</template>

<style scoped>
.made {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(172px, 1fr));
  gap: 18px 20px;
}

.made > .soft {
  grid-column: 1 / -1;
}

article {
  line-height: 1.4;
  display: grid;
  gap: 6px;
  align-content: start;
}

ul {
  margin: 4px 0 0;
  padding-left: 18px;
}

.problem {
  color: var(--coral);
}
</style>
