<script setup lang="ts">
import { computed, ref } from 'vue'
import { amountWords, groupJobs, type KitLine } from '#core/kit'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { usePack } from '~/stores/pack'

/** After the lesson: what came back, what is broken, and so what is missing or used up. */
const store = useLesson()
const pack = usePack()
const notices = useNotices()
const typed = ref(new Map<string, { back?: number; broken?: number }>())
const saving = ref(false)
const jobs = computed(() =>
  groupJobs(
    Math.max(1, Math.ceil(store.open.class.children / Math.max(1, store.groups.length)) || 4),
    pack.data?.turn ?? 0,
  ),
)
const counted = computed(() => new Map((pack.data?.counts ?? []).map((one) => [one.materialId, one])))

/** What is there again, until somebody counts: everything that is used again, nothing that is used up. */
const start = (line: KitLine) => (line.material.use === 'reused' ? line.total : 0)
const rowOf = (line: KitLine) => {
  const before = counted.value.get(line.material.id)
  const own = typed.value.get(line.material.id)
  const taken = before?.taken ?? line.total
  const back = own?.back ?? before?.back ?? start(line)
  const broken = own?.broken ?? before?.broken ?? 0
  return { line, taken, back, broken, rest: Math.max(0, Number((taken - back - broken).toPrecision(10))) }
}
const rows = computed(() => pack.lines.filter((line) => line.total > 0).map(rowOf))

function type(id: string, changes: { back?: number; broken?: number }) {
  typed.value = new Map(typed.value).set(id, { ...typed.value.get(id), ...changes })
}

async function save() {
  saving.value = true
  const saved = await notices.attempt(async () => {
    await pack.count(
      rows.value.map(({ line, back, broken }) => ({ materialId: line.material.id, back, broken })),
    )
    return true
  })
  saving.value = false
  if (!saved) return
  typed.value = new Map()
  notices.tell('Counted back. The store cupboard now lists what is left.')
}
</script>

<template>
  <div class="stack">
    <ul class="jobs" aria-label="Jobs in each group">
      <li v-for="job in jobs" :key="job.name">
        <b>{{ job.name }}</b> (seat {{ job.seat }}) {{ job.does }}
      </li>
    </ul>
    <div class="row">
      <VBtn color="primary" :loading="saving" @click="save">{{
        counted.size ? 'Count again' : 'Counted back'
      }}</VBtn>
      <span class="soft small"
        >This updates the store cupboard. We remember what was used up for the next time you run this
        investigation.</span
      >
    </div>
    <table>
      <thead>
        <tr>
          <th scope="col">Thing</th>
          <th scope="col" class="n">Went out</th>
          <th scope="col" class="n">Came back</th>
          <th scope="col" class="n">Broken</th>
          <th scope="col">So</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ line, taken, back, broken, rest } in rows" :key="line.material.id">
          <th scope="row">{{ line.material.name }}</th>
          <td class="n number">{{ amountWords(taken, line.material.unit) }}</td>
          <td class="n">
            <QuantityField
              :model-value="back"
              :least="0"
              :greatest="taken"
              :aria-label="`How much ${line.material.name} came back`"
              @update:model-value="type(line.material.id, { back: $event! })"
            />
          </td>
          <td class="n">
            <QuantityField
              :model-value="broken"
              :least="0"
              :greatest="taken"
              :aria-label="`How much ${line.material.name} is broken`"
              @update:model-value="type(line.material.id, { broken: $event! })"
            />
          </td>
          <td>
            <span v-if="back + broken > taken" class="problem">more than went out</span>
            <span v-else-if="rest === 0" class="soft">all there</span>
            <b v-else :class="{ problem: line.material.use === 'reused' }"
              >{{ amountWords(rest, line.material.unit) }}
              {{ line.material.use === 'reused' ? 'missing: look for it' : 'used' }}</b
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.jobs {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  font-size: var(--text-small);
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
}

thead th {
  font: 500 var(--text-caption) var(--heading);
  color: var(--ink-soft);
}

th,
td {
  padding: 2px 8px;
  border-top: 1px solid var(--line);
}

.n {
  text-align: right;
  width: 108px;
}

.problem {
  color: var(--coral);
}
</style>
