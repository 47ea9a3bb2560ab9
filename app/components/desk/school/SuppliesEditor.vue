<script setup lang="ts">
import { mdiDownload, mdiUpload } from '@mdi/js'
import { computed, onMounted, ref } from 'vue'
import { substituteNames, substituteCircle, supplyKey, type Supply } from '#core/kit'
import { newId } from '#core/plan'
import { RequestProblem } from '~/api/request'
import { useNotices } from '~/stores/notices'
import { useSupplies } from '~/stores/supplies'

/** The store cupboard, a row for each thing; a row is kept as soon as it is left. */
const supplies = useSupplies()
const notices = useNotices()
onMounted(() => notices.attempt(() => supplies.load()))
/** Null once it is cleared. */
const find = ref<string | null>('')
const importShown = ref(false)
const fresh = ref('')
const openId = ref<string | null>(null)
const problems = ref(new Map<string, string>())
const shown = computed(() => {
  const words = find.value?.trim().toLowerCase() ?? ''
  return supplies.all.filter((one) => `${one.name} ${one.shelf}`.toLowerCase().includes(words))
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
      shelf: '',
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

/** What a row says of each thing, in its order: a number with the least that it may be, or a text. */
type Column = { head: string; label: (name: string) => string } & (
  | { key: 'amount' | 'packSize' | 'price'; least: number }
  | { key: 'name' | 'unit' | 'shelf'; longest: number; placeholder?: string }
)
const columns: Column[] = [
  { key: 'name', head: 'Thing', label: () => 'Name of the thing', longest: 80 },
  { key: 'amount', head: 'There is', label: (name) => `How much ${name} there is`, least: 0 },
  { key: 'unit', head: 'Unit', label: (name) => `Unit of ${name}`, longest: 20, placeholder: 'pieces' },
  { key: 'shelf', head: 'Place', label: (name) => `Where ${name} is`, longest: 80 },
  { key: 'packSize', head: 'In a pack', label: (name) => `How much is in a pack of ${name}`, least: 0.001 },
  { key: 'price', head: 'Price', label: (name) => `Price of ${name}`, least: 0 },
]

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
      <VBtn variant="text" :prepend-icon="mdiUpload" @click="importShown = true">Import CSV</VBtn>
      <VBtn variant="text" :prepend-icon="mdiDownload" href="/api/school/supplies.csv">Save as CSV</VBtn>
    </div>
    <VAlert v-if="circle" type="info" variant="tonal" density="compact"
      >These stand in for each other in a circle: {{ circle.join(' → ') }}. If all of them run short, we can’t
      offer anything.</VAlert
    >
    <p v-if="supplies.loaded && supplies.all.length === 0" class="soft">
      The store cupboard is empty. Add what you have, or import a list; lessons then show what is short and
      what to buy.
    </p>
    <table v-else class="typed-in">
      <thead>
        <tr>
          <th v-for="column in columns" :key="column.key" scope="col">{{ column.head }}</th>
          <th scope="col"><span class="visually-hidden">More</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="one in shown" :key="one.id">
          <tr>
            <td v-for="column in columns" :key="column.key" :class="column.key" :data-head="column.head">
              <QuantityField
                v-if="'least' in column"
                :model-value="one[column.key]"
                :optional="column.key !== 'amount'"
                :least="column.least"
                :greatest="1e6"
                :aria-label="column.label(one.name)"
                @update:model-value="change(one, { [column.key]: $event })"
              />
              <VTextField
                v-else
                :model-value="one[column.key]"
                :aria-label="column.label(one.name)"
                :placeholder="column.placeholder"
                :maxlength="column.longest"
                :error-messages="column.key === 'name' ? problems.get(one.id) : undefined"
                @change="change(one, { [column.key]: ($event.target as HTMLInputElement).value.trim() })"
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
              <TakeOut :what="one.name" @click="remove(one)" />
            </td>
          </tr>
          <tr v-if="openId === one.id">
            <td colspan="7">
              <div class="more">
                <VTextField
                  :model-value="one.instead.join(', ')"
                  label="Does the same job (best match first)"
                  :hint="`Known: ${substituteNames(one.name, supplies.all).slice(0, 4).join(', ') || 'nothing'}`"
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
    <ShopList />
    <SuppliesImport v-model="importShown" />
  </div>
</template>

<style scoped>
@media (min-width: 761px) {
  .name {
    width: 30%;
  }

  .amount,
  .unit,
  .packSize,
  .price {
    width: 100px;
  }

  .acts {
    white-space: nowrap;
    width: 110px;
  }
}

.add {
  flex: 1 1 260px;
  flex-wrap: nowrap;
  max-width: 420px;
}

.add > :first-child {
  flex: 1;
}

.find {
  min-width: 130px;
  max-width: 200px;
}

.more {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  padding: 6px 0 10px;
}
</style>
