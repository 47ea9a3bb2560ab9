<script setup lang="ts">
import { mdiClose, mdiDownload, mdiUpload } from '@mdi/js'
import { computed, onMounted, ref } from 'vue'
import { standIns, substituteCircle, supplyKey, type Supply } from '#core/kit'
import { newId } from '#core/plan'
import { RequestProblem } from '../../../api/request'
import { useNotices } from '../../../stores/notices'
import { useSupplies } from '../../../stores/supplies'

/** The store cupboard, a row for each thing; a row is kept as soon as it is left. */
const supplies = useSupplies()
const notices = useNotices()
onMounted(() => notices.attempt(() => supplies.load()))
const find = ref('')
const importShown = ref(false)
const fresh = ref('')
const openId = ref<string | null>(null)
const problems = ref(new Map<string, string>())
const shown = computed(() => {
  const words = find.value.trim().toLowerCase()
  return supplies.all.filter((one) => `${one.name} ${one.place}`.toLowerCase().includes(words))
})
const circle = computed(() => substituteCircle(supplies.all))

async function change(supply: Supply, changes: Partial<Supply>) {
  const next = { ...supply, ...changes }
  if (JSON.stringify(next) === JSON.stringify(supply)) return
  try {
    await supplies.save(next)
    problems.value = new Map([...problems.value].filter(([id]) => id !== supply.id))
  } catch (error) {
    if (error instanceof RequestProblem)
      problems.value = new Map(problems.value).set(supply.id, error.message)
    notices.warn(error)
  }
}

async function add() {
  const name = fresh.value.trim()
  if (name === '') return
  const there = supplies.all.find((one) => supplyKey(one.name) === supplyKey(name))
  if (there) return notices.warn(`“${there.name}” is in the store cupboard already.`)
  await notices.attempt(async () => {
    const id = newId()
    await supplies.save({
      id,
      name,
      unit: '',
      amount: 0,
      place: '',
      packSize: null,
      price: null,
      instead: [],
      care: '',
    })
    fresh.value = ''
    openId.value = id
  })
}

async function remove(supply: Supply) {
  const gone = await notices.attempt(async () => {
    await supplies.remove(supply.id)
    return true
  })
  if (gone) notices.tell(`${supply.name} is off the list.`, () => supplies.save(supply))
}

const split = (text: string) =>
  text
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter(Boolean)
</script>

<template>
  <div class="stack">
    <div class="spread">
      <form class="row add" @submit.prevent="add">
        <VTextField v-model="fresh" label="Add a thing" :maxlength="80" />
        <VBtn type="submit" variant="tonal" color="primary">Add</VBtn>
      </form>
      <VTextField v-model="find" label="Find" class="find" clearable />
      <VBtn variant="text" :prepend-icon="mdiUpload" @click="importShown = true">Read in CSV</VBtn>
      <VBtn variant="text" :prepend-icon="mdiDownload" href="/api/school/supplies.csv">Save as CSV</VBtn>
    </div>
    <VAlert v-if="circle" type="info" variant="tonal" density="compact"
      >These stand in for each other in a circle: {{ circle.join(' → ') }}. Where all are short, nothing is
      offered.</VAlert
    >
    <p v-if="supplies.loaded && supplies.all.length === 0" class="soft">
      The store cupboard is empty. Add what you have, or read in a list; lessons then say what is short and
      what to buy.
    </p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Thing</th>
          <th scope="col">There is</th>
          <th scope="col">Unit</th>
          <th scope="col">Place</th>
          <th scope="col">In a pack</th>
          <th scope="col">Price</th>
          <th scope="col"><span class="visually-hidden">More</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="one in shown" :key="one.id">
          <tr>
            <td class="name">
              <VTextField
                :model-value="one.name"
                aria-label="Name of the thing"
                :maxlength="80"
                :error-messages="problems.get(one.id)"
                @change="change(one, { name: ($event.target as HTMLInputElement).value.trim() })"
              />
            </td>
            <td class="n">
              <QuantityField
                :model-value="one.amount"
                unit="count"
                suffix=""
                :least="0"
                :greatest="1e6"
                :aria-label="`How much ${one.name} there is`"
                @update:model-value="change(one, { amount: $event! })"
              />
            </td>
            <td class="n">
              <VTextField
                :model-value="one.unit"
                :aria-label="`Unit of ${one.name}`"
                placeholder="pieces"
                :maxlength="20"
                @change="change(one, { unit: ($event.target as HTMLInputElement).value.trim() })"
              />
            </td>
            <td>
              <VTextField
                :model-value="one.place"
                :aria-label="`Where ${one.name} is`"
                :maxlength="80"
                @change="change(one, { place: ($event.target as HTMLInputElement).value.trim() })"
              />
            </td>
            <td class="n">
              <QuantityField
                :model-value="one.packSize"
                unit="count"
                suffix=""
                optional
                :least="0.001"
                :greatest="1e6"
                :aria-label="`How much is in a pack of ${one.name}`"
                @update:model-value="change(one, { packSize: $event })"
              />
            </td>
            <td class="n">
              <QuantityField
                :model-value="one.price"
                unit="count"
                suffix=""
                optional
                :least="0"
                :greatest="1e6"
                :aria-label="`Price of ${one.name}`"
                @update:model-value="change(one, { price: $event })"
              />
            </td>
            <td class="acts">
              <VBtn
                size="small"
                variant="text"
                :aria-expanded="openId === one.id"
                @click="openId = openId === one.id ? null : one.id"
                >{{ openId === one.id ? 'Done' : 'More' }}</VBtn
              >
              <VBtn
                :icon="mdiClose"
                size="x-small"
                variant="text"
                :aria-label="`Take out ${one.name}`"
                @click="remove(one)"
              />
            </td>
          </tr>
          <tr v-if="openId === one.id">
            <td colspan="7">
              <div class="more">
                <VTextField
                  :model-value="one.instead.join(', ')"
                  label="Does the same job, nearest first"
                  :hint="`Known: ${standIns(one.name, supplies.all).slice(0, 4).join(', ') || 'nothing'}`"
                  persistent-hint
                  @change="change(one, { instead: split(($event.target as HTMLInputElement).value) })"
                />
                <VTextField
                  :model-value="one.care"
                  label="What our school says about handling it"
                  :maxlength="240"
                  @change="change(one, { care: ($event.target as HTMLInputElement).value.trim() })"
                />
              </div>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <SuppliesImport v-model="importShown" />
  </div>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  font: 500 var(--text-caption) var(--heading);
  color: var(--ink-soft);
}

td {
  padding: 1px 4px 1px 0;
  vertical-align: top;
}

.name {
  width: 30%;
}

.n {
  width: 100px;
}

.acts {
  white-space: nowrap;
  width: 110px;
}

.add {
  flex: 1;
  max-width: 420px;
}

.add > :first-child {
  flex: 1;
}

.find {
  max-width: 200px;
}

.more {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  padding: 6px 0 10px;
}
</style>
