<script setup lang="ts">
import { computed, ref } from 'vue'
import { suppliesLimit } from '#core/format'
import { amountWords } from '#core/kit'
import { usePreview } from '~/composables/usePreview'
import { useNotices } from '~/stores/notices'
import { useSupplies } from '~/stores/supplies'

/** A store cupboard from a file or the clipboard. */
const shown = defineModel<boolean>({ required: true })
const supplies = useSupplies()
const notices = useNotices()
const text = ref('')
const { preview, fresh } = usePreview(text, (lines) => notices.attempt(() => supplies.preview(lines)))
const bad = computed(() => preview.value?.rows.filter((row) => row.problem) ?? [])
const ready = computed(
  () => fresh.value && !!preview.value && !preview.value.problem && bad.value.length === 0,
)

async function take() {
  const count = preview.value?.rows.length ?? 0
  const done = await notices.attempt(async () => {
    await supplies.take(text.value)
    return true
  })
  if (!done) return
  notices.tell(`${count} things are in the store cupboard.`)
  text.value = ''
  shown.value = false
}
</script>

<template>
  <ImportDialog
    v-model="shown"
    v-model:text="text"
    title="Import the store cupboard"
    file="Store cupboard file"
    lines="Lines"
    placeholder="name,unit,amount,place&#10;card,sheets,40,shelf 2"
    :largest="suppliesLimit * 400"
    too-large="This file is too large for one store cupboard."
    :problem="preview?.problem ?? null"
    :ready="ready"
    take="Import them"
    @take="take"
  >
    <template #about
      >One line for each thing. The first line names the columns: name, unit, amount, place, pack size, price,
      instead, care. Only the name is needed. Things already in the cupboard are replaced.</template
    >
    <template v-if="preview">
      <p>
        <b v-if="ready"
          >{{ preview.rows.filter((row) => !row.known).length }} new things,
          {{ preview.rows.filter((row) => row.known).length }} that are there already.</b
        >
        <b v-else class="bad">{{ bad.length }} of {{ preview.rows.length }} lines can’t be added yet.</b>
      </p>
      <ul>
        <li v-for="row in (bad.length ? bad : preview.rows).slice(0, 8)" :key="row.line">
          Line {{ row.line }}: {{ row.supply.name || 'no name' }}
          <span v-if="row.problem" class="bad">{{ row.problem }}</span>
          <span v-else class="soft">{{ amountWords(row.supply.amount, row.supply.unit) }}</span>
        </li>
      </ul>
    </template>
  </ImportDialog>
</template>
