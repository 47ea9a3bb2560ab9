<script setup lang="ts">
import { isDoneForAll } from '#core/lesson'
import { mdiCheck, mdiCheckAll } from '@mdi/js'
import { computed, ref } from 'vue'
import { amountWords, ruleWords, typeLine, type KitLine } from '#core/kit'
import { newId, planLimits, type Material } from '#core/plan'
import { useLesson } from '~/stores/lesson'
import { usePack, type PackCell } from '~/stores/pack'

/** Things as rows, trays as columns; a cell is ticked when it lies where it belongs. */
const store = useLesson()
const pack = usePack()
const open = ref<string | null>(null)

const onTrays = computed(() => pack.lines.some((line) => line.perGroup.some((amount) => amount > 0)))
const rowOf = (line: KitLine) => pack.cells.filter((cell) => cell.line === line)
const trayOf = (place: string) => pack.cells.filter((cell) => cell.place === place)
const allPacked = (cells: PackCell[]) => cells.length > 0 && cells.every(pack.isPacked)

function change(line: KitLine, material: Omit<Material, 'id'>) {
  pack.putLine({ ...material, id: line.material.id })
  open.value = null
}

const add = (material: Omit<Material, 'id'>) =>
  store.editPlan((plan) => ({ ...plan, materials: [...plan.materials, { ...material, id: newId() }] }))

const shortBy = (line: KitLine) => {
  const found = pack.availability.find(
    (one) => one.supply !== null && one.short > 0 && one.need.materialIds.includes(line.material.id),
  )
  return found ? `${amountWords(found.short, found.need.unit)} short` : ''
}
</script>

<template>
  <div class="stack">
    <LineInput v-if="store.plan.materials.length < planLimits.materials" @line="add" />
    <div class="scroll">
      <table class="pack" :class="{ many: store.testers.length > 8 }">
        <thead>
          <tr>
            <th scope="col" class="what">{{ isDoneForAll(store.plan) ? 'At the front' : 'On each tray' }}</th>
            <th v-for="group in store.testers" :key="group.id" scope="col" class="tray">
              <button
                type="button"
                class="head"
                :aria-pressed="allPacked(trayOf(group.id))"
                :aria-label="`Everything on the tray of ${group.name}`"
                :title="`${group.name}: tick the whole tray`"
                :disabled="!onTrays"
                @click="pack.tickAll(trayOf(group.id))"
              >
                <GroupEmblem :emblem="group.emblem" :size="store.testers.length > 8 ? 22 : 26" />
              </button>
            </th>
            <th scope="col" class="tray small">for all</th>
            <th scope="col" class="tray small">spare</th>
            <th scope="col" class="total small">fetch</th>
            <th scope="col"><span class="visually-hidden">Whole row</span></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="line in pack.lines" :key="line.material.id">
            <tr :class="{ done: allPacked(rowOf(line)) }">
              <th scope="row" class="what">
                <button
                  type="button"
                  class="name"
                  :aria-expanded="open === line.material.id"
                  @click="open = open === line.material.id ? null : line.material.id"
                >
                  {{ line.material.name || 'no name yet' }}
                  <span v-if="shortBy(line)" class="short">{{ shortBy(line) }}</span>
                </button>
                <span class="rule">
                  <template v-if="pack.shelfOf(line)">{{ pack.shelfOf(line) }} · </template
                  >{{ line.origin === 'derived' ? 'from the plan · ' : ''
                  }}{{ ruleWords(line.material, store.plan) }}
                </span>
              </th>
              <td v-for="cell in pack.cellsOf(line)" :key="cell.place" class="tray">
                <button
                  v-if="cell.amount > 0"
                  type="button"
                  class="cell number"
                  :class="{ ticked: pack.isPacked(cell) }"
                  :aria-pressed="pack.isPacked(cell)"
                  :aria-label="`${amountWords(cell.amount, line.material.unit)} ${line.material.name} for ${cell.name}`"
                  @click="pack.tickAll([cell])"
                >
                  <VIcon v-if="pack.isPacked(cell)" :icon="mdiCheck" size="13" />{{
                    Number(cell.amount.toPrecision(10))
                  }}
                </button>
              </td>
              <td class="total number">{{ amountWords(line.total, line.material.unit) }}</td>
              <td>
                <VBtn
                  :icon="mdiCheckAll"
                  size="x-small"
                  variant="text"
                  :color="allPacked(rowOf(line)) ? 'primary' : undefined"
                  :aria-label="`Everything of ${line.material.name} is packed`"
                  :aria-pressed="allPacked(rowOf(line))"
                  @click="pack.tickAll(rowOf(line))"
                />
              </td>
            </tr>
            <tr v-if="open === line.material.id" class="edit">
              <td :colspan="store.testers.length + 5">
                <LineInput
                  label="Type over it"
                  :start="typeLine(line.material, store.plan)"
                  act="Change"
                  @line="change(line, $event)"
                >
                  <VBtn variant="text" @click="pack.takeOut(line)">Take out</VBtn>
                </LineInput>
              </td>
            </tr>
          </template>
          <tr v-if="pack.lines.length === 0">
            <td :colspan="store.testers.length + 5" class="soft">
              Nothing on the list. Type above what a group needs; the amounts for the class are worked out
              here.
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.scroll {
  position: relative;
  overflow-x: auto;
}

.pack {
  width: 100%;
  border-collapse: collapse;
}

th {
  font-weight: 400;
  text-align: left;
}

thead th {
  padding: 0 2px 4px;
  color: var(--ink-soft);
  font-family: var(--heading);
  vertical-align: bottom;
}

tbody th,
td {
  padding: 3px 2px;
  border-top: 1px solid var(--line);
}

.what {
  min-width: 190px;
  line-height: 1.2;
}

.tray {
  text-align: center;
  width: 46px;
}

.head {
  border: 0;
  background: none;
  padding: 2px;
  border-radius: 8px;
  cursor: pointer;
}

.head[aria-pressed='true'] {
  background: var(--teal-wash);
  box-shadow: inset 0 0 0 2px var(--teal);
}

.name {
  border: 0;
  background: none;
  padding: 0;
  font: 700 var(--text-body-small) var(--text);
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}

.name:hover {
  text-decoration: underline;
}

.short {
  color: var(--coral);
  font-weight: 700;
  font-size: var(--text-caption);
  margin-left: 6px;
}

.rule {
  display: block;
  font-size: var(--text-tiny);
  color: var(--ink-soft);
}

.cell {
  min-width: 42px;
  min-height: 30px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--surface);
  color: var(--ink);
  cursor: pointer;
  padding: 0 3px;
  font-size: var(--text-small);
}

.many .tray {
  width: 38px;
}

.many td,
.many thead th {
  padding-inline: 1px;
}

.many .cell {
  min-width: 34px;
  padding: 0 1px;
  font-size: var(--text-caption);
}

.many .what {
  min-width: 160px;
}

.cell.ticked {
  background: var(--teal);
  border-color: var(--teal);
  color: #fff;
}

.total {
  text-align: right;
  padding-inline: 8px 2px;
  white-space: nowrap;
  font-weight: 600;
}

.done .name {
  color: var(--teal);
}

.edit td {
  background: var(--paper);
  padding: 8px;
}
</style>
