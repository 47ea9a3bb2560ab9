<script setup lang="ts">
import { mdiDownload, mdiUpload } from '@mdi/js'
import { computed, onMounted, ref } from 'vue'
import { readShopList, suppliesLimit } from '#core/format'
import { amountWords, type Offer } from '#core/kit'
import { request } from '~/api/request'
import { useNotices } from '~/stores/notices'

/** What a shop sells, for packs and prices on shopping lists; a school starts without and may load one. */
const notices = useNotices()
const offers = ref<Offer[] | null>(null)
const importShown = ref(false)
const text = ref('')
const read = computed(() => (text.value.trim() === '' ? null : readShopList(text.value)))
onMounted(() =>
  notices.attempt(async () => {
    offers.value = await request('GET', '/api/school/shop-list')
  }),
)

async function save(list: Offer[]) {
  await notices.attempt(async () => {
    offers.value = await request('PUT', '/api/school/shop-list', { body: { offers: list } })
    importShown.value = false
    text.value = ''
  })
}

/** Takes the list away, with a way back. */
async function empty() {
  const before = offers.value ?? []
  await save([])
  if (offers.value?.length === 0) notices.tell('The shop list is empty.', () => save(before))
}
</script>

<template>
  <section v-if="offers" class="row shop" aria-label="Shop list">
    <p>
      <b>Shop list.</b>
      {{
        offers.length === 0
          ? 'No shop list yet. Import one, and shopping lists show packs and prices.'
          : `Packs and prices of ${offers.length === 1 ? 'one thing' : `${offers.length} things`}, for whatever has none of its own above.`
      }}
    </p>
    <VBtn variant="text" :prepend-icon="mdiUpload" @click="importShown = true">Import shop list</VBtn>
    <template v-if="offers.length > 0">
      <VBtn variant="text" :prepend-icon="mdiDownload" href="/api/school/shop-list.csv">Save as CSV</VBtn>
      <VBtn variant="text" @click="empty">Empty it</VBtn>
    </template>
    <ImportDialog
      v-model="importShown"
      v-model:text="text"
      title="Import a shop list"
      file="Shop list file"
      lines="Lines"
      placeholder="name,unit,pack size,price&#10;card,sheets,100,6.50"
      :largest="suppliesLimit * 400"
      too-large="This file is too large for a shop list."
      :problem="read && !read.ok ? read.problem : null"
      :ready="read?.ok === true"
      take="Use this list"
      @take="read?.ok && save(read.offers)"
    >
      <template #about
        >One line for each thing. The first line names the columns: name, unit, pack size, price. The list
        replaces the one before.</template
      >
      <ul v-if="read?.ok">
        <li v-for="offer in read.offers.slice(0, 8)" :key="offer.name">
          {{ offer.name }}
          <span class="soft">{{ amountWords(offer.packSize, offer.unit) }} for {{ offer.price }}</span>
        </li>
      </ul>
    </ImportDialog>
  </section>
</template>

<style scoped>
.shop {
  flex-wrap: wrap;
  align-items: center;
}

.shop p {
  flex: 1;
  min-width: 260px;
}
</style>
