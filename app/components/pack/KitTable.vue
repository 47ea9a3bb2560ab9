<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { newId, planLimits, type Material, type MaterialRule } from '#core/plan'
import { useLesson } from '../../stores/lesson'

/** The kit list with the amounts for this class. */
const store = useLesson()
const open = ref<string | null>(null)
const lines = computed(() => store.kit)
const rules: { title: string; value: MaterialRule }[] = [
  { title: 'for the class', value: 'class' },
  { title: 'for each group', value: 'group' },
  { title: 'for each child', value: 'child' },
  { title: 'for each level', value: 'level' },
  { title: 'for each try', value: 'try' },
  { title: 'for each level and try', value: 'level-try' },
]
const uses = [
  { title: 'used again', value: 'reused' },
  { title: 'used up', value: 'used-up' },
]
const ruleWords = Object.fromEntries(rules.map((rule) => [rule.value, rule.title]))
const spares = [
  { title: 'whole ones', value: 'number' },
  { title: 'per cent', value: 'percent' },
]

function change(id: string, changes: Partial<Material>, key = '') {
  store.editPlan(
    { materials: store.plan.materials.map((one) => (one.id === id ? { ...one, ...changes } : one)) },
    key,
  )
}

function add() {
  const material: Material = {
    id: newId(),
    name: '',
    amount: 1,
    unit: '',
    per: 'group',
    use: 'reused',
    spare: { kind: 'number', value: 0 },
  }
  store.editPlan({ materials: [...store.plan.materials, material] })
  open.value = material.id
}

const tray = (perGroup: number[]) => {
  const present = [...new Set(perGroup)]
  return present.length === 1 ? String(present[0]) : `${Math.min(...perGroup)} to ${Math.max(...perGroup)}`
}
</script>

<template>
  <div>
    <table class="kit">
      <thead>
        <tr>
          <th scope="col">Item</th>
          <th scope="col">Needed</th>
          <th scope="col" class="n">Each tray</th>
          <th scope="col" class="n">Spare</th>
          <th scope="col" class="n">Fetch</th>
          <th scope="col"><span class="visually-hidden">Change</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="{ material, perGroup, spare, total } in lines" :key="material.id">
          <tr>
            <td>
              <b>{{ material.name || 'no name yet' }}</b>
            </td>
            <td class="small soft">
              {{ material.amount }} {{ material.unit }} {{ ruleWords[material.per] }},
              {{ material.use === 'reused' ? 'used again' : 'used up' }}
            </td>
            <td class="n number">{{ material.per === 'class' ? 'shared' : tray(perGroup) }}</td>
            <td class="n number">{{ spare }}</td>
            <td class="n number total">{{ total }} {{ material.unit }}</td>
            <td>
              <VBtn
                size="x-small"
                variant="text"
                color="primary"
                :aria-expanded="open === material.id"
                @click="open = open === material.id ? null : material.id"
                >{{ open === material.id ? 'Done' : 'Change' }}</VBtn
              >
            </td>
          </tr>
          <tr v-if="open === material.id" class="edit">
            <td colspan="6">
              <div class="fields">
                <VTextField
                  :model-value="material.name"
                  label="Item"
                  :maxlength="80"
                  autofocus
                  @update:model-value="change(material.id, { name: $event }, `name-${material.id}`)"
                />
                <QuantityField
                  :model-value="material.amount"
                  label="How much"
                  unit="count"
                  :suffix="material.unit"
                  :least="0"
                  :greatest="100000"
                  @update:model-value="change(material.id, { amount: $event! }, `amount-${material.id}`)"
                />
                <VTextField
                  :model-value="material.unit"
                  label="Unit, if any"
                  :maxlength="20"
                  @update:model-value="change(material.id, { unit: $event }, `unit-${material.id}`)"
                />
                <VSelect
                  :model-value="material.per"
                  :items="rules"
                  label="Needed"
                  @update:model-value="change(material.id, { per: $event })"
                />
                <VSelect
                  :model-value="material.use"
                  :items="uses"
                  label="Then it is"
                  @update:model-value="change(material.id, { use: $event })"
                />
                <QuantityField
                  :model-value="material.spare.value"
                  label="Spare"
                  unit="count"
                  :least="0"
                  :greatest="1000"
                  @update:model-value="
                    change(
                      material.id,
                      { spare: { ...material.spare, value: $event! } },
                      `spare-${material.id}`,
                    )
                  "
                />
                <VSelect
                  :model-value="material.spare.kind"
                  :items="spares"
                  label="Spare in"
                  @update:model-value="change(material.id, { spare: { ...material.spare, kind: $event } })"
                />
                <VBtn
                  variant="text"
                  :prepend-icon="mdiClose"
                  @click="
                    store.editPlan({
                      materials: store.plan.materials.filter((one) => one.id !== material.id),
                    })
                  "
                  >Take out</VBtn
                >
              </div>
            </td>
          </tr>
        </template>
        <tr v-if="lines.length === 0">
          <td colspan="6" class="soft">
            Nothing on the list yet. Add what a group needs; amounts for the class are worked out here.
          </td>
        </tr>
      </tbody>
    </table>
    <VBtn
      v-if="lines.length < planLimits.materials"
      size="small"
      variant="text"
      color="primary"
      :prepend-icon="mdiPlus"
      @click="add"
      >Add an item</VBtn
    >
  </div>
</template>

<style scoped>
.kit {
  width: 100%;
  border-collapse: collapse;
}

th {
  text-align: left;
  font: 500 0.82rem var(--heading);
  color: var(--ink-soft);
}

th,
td {
  padding: 5px 8px;
  border-bottom: 1px solid var(--line);
}

.n {
  text-align: right;
}

.total {
  font-weight: 600;
}

.fields {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
  padding: 6px 0;
}
</style>
