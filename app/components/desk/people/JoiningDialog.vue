<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { JoiningDto } from '#shared/types/people'
import { request } from '~/api/request'
import { useNetworkAddress } from '~/composables/useNetworkAddress'
import { useAccess } from '~/stores/access'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'

/** How children's tablets come into the lesson, which have, and links for a Board and a helper. */
const shown = defineModel<boolean>({ required: true })
const store = useLesson()
const access = useAccess()
const notices = useNotices()
const joining = ref<JoiningDto | null>(null)
const link = ref<{ kind: 'board' | 'assistant'; address: string } | null>(null)
const params = computed(() => ({ id: store.open.id }))
const groups = computed(() => store.open.parts.flatMap((part) => part.groups))
const { reached, origin, onlyHere } = useNetworkAddress()
/** Browsers copy only over an encrypted connection. */
const canCopy = window.isSecureContext
/** How often it looks who has come, in ms. */
const lookEvery = 3000

async function look() {
  joining.value = await request('GET', '/api/lessons/:id/joining', { params: params.value })
}
const { pause, resume } = useIntervalFn(() => void look().catch(() => null), lookEvery, { immediate: false })
watch(
  shown,
  async (isShown) => {
    if (!isShown) return pause()
    await notices.attempt(async () => {
      await access.load()
      await look()
      if (access.teacher && !joining.value?.code) await open()
    })
    resume()
  },
  { immediate: true },
)

async function open() {
  joining.value = await request('POST', '/api/lessons/:id/joining', { params: params.value })
}
async function close() {
  joining.value = await request('DELETE', '/api/lessons/:id/joining', { params: params.value })
}
const move = (deviceId: string, groupId: string) =>
  notices.attempt(async () => {
    joining.value = await request('PUT', '/api/lessons/:id/devices/:deviceId', {
      params: { ...params.value, deviceId },
      body: { groupIds: [groupId] },
    })
  })
const remove = (deviceId: string) =>
  notices.attempt(async () => {
    joining.value = await request('DELETE', '/api/lessons/:id/devices/:deviceId', {
      params: { ...params.value, deviceId },
    })
    notices.tell(
      'The tablet is out. What it hasn’t sent yet stays on it, and is sent if it joins this lesson again.',
    )
  })

const makeLink = (kind: 'board' | 'assistant') =>
  notices.attempt(async () => {
    const { secret } = await request('POST', '/api/lessons/:id/links', {
      params: params.value,
      body: { kind },
    })
    link.value = { kind, address: `${origin.value}/open#${secret}` }
  })
const endLinks = (kind: 'board' | 'assistant') =>
  notices.attempt(async () => {
    joining.value = await request('DELETE', '/api/lessons/:id/links/:kind', {
      params: { ...params.value, kind },
    })
    link.value = null
    notices.tell(kind === 'board' ? 'Boards opened by a link are closed.' : 'Helpers’ screens are closed.')
  })

async function copy() {
  if (!link.value) return
  await notices.attempt(async () => {
    await navigator.clipboard.writeText(link.value?.address ?? '')
    notices.tell('The link is copied.')
  })
}
const namesOf = (groupIds: string[]) =>
  groups.value
    .filter((one) => groupIds.includes(one.id))
    .map((one) => one.name)
    .join(', ')
</script>

<template>
  <VDialog v-model="shown" max-width="760" aria-label="Tablets in this lesson" scrollable>
    <VCard title="Tablets in this lesson">
      <VCardText v-if="!access.teacher" class="stack">
        <p>
          Nobody signs in here, so Sheets open on this computer only. To let tablets join, choose
          <NuxtLink to="/school?view=people">School, People</NuxtLink>.
        </p>
        <div>
          <VBtn :href="`/sheet/${store.open.id}`" target="_blank" color="primary">Open the Sheets here</VBtn>
        </div>
      </VCardText>
      <VCardText v-else-if="joining" class="stack">
        <div v-if="joining.code" class="code-place">
          <div>
            <p>
              On the tablet, open <b>{{ reached }}/join</b> and type
            </p>
            <p class="code number">{{ joining.code }}</p>
            <p v-if="onlyHere" class="small soft">
              So far this machine answers itself only. Whoever looks after it lets tablets in by starting it
              with
              <code>JOLLY_HOST=0.0.0.0</code>.
            </p>
            <VBtn size="small" variant="text" @click="notices.attempt(close)">Close joining</VBtn>
          </div>
          <QrCode
            class="square"
            :text="`${origin}/join#${joining.code}`"
            label="The same as a square for cameras"
          />
        </div>
        <div v-else class="row">
          <p>Joining is closed. Tablets that are in stay in.</p>
          <VBtn size="small" color="primary" @click="notices.attempt(open)">Open it with a new code</VBtn>
        </div>
        <section>
          <h3>Tablets that are in</h3>
          <p v-if="joining.devices.length === 0" class="soft small">None yet.</p>
          <ul v-else class="devices">
            <li v-for="one in joining.devices" :key="one.id">
              <span
                ><b>{{ namesOf(one.groupIds) || 'no group yet' }}</b>
                <span class="soft small"> · a {{ one.device }}</span></span
              >
              <DotsMenu :label="`More for ${namesOf(one.groupIds) || 'this tablet'}`">
                <VListItem
                  v-for="group in groups"
                  :key="group.id"
                  :title="`It is ${group.name}’s`"
                  @click="move(one.id, group.id)"
                />
                <VListItem title="Take it out of the lesson" @click="remove(one.id)" />
              </DotsMenu>
            </li>
          </ul>
        </section>
        <section>
          <h3>Other screens</h3>
          <div class="row">
            <VBtn size="small" variant="tonal" color="secondary" @click="makeLink('board')"
              >Link for a Board elsewhere</VBtn
            >
            <VBtn size="small" variant="tonal" color="secondary" @click="makeLink('assistant')"
              >Link for a helper, for today</VBtn
            >
            <VBtn v-if="joining.boards" size="small" variant="text" @click="endLinks('board')"
              >Close {{ joining.boards }} {{ joining.boards === 1 ? 'Board' : 'Boards' }}</VBtn
            >
            <VBtn v-if="joining.helpers" size="small" variant="text" @click="endLinks('assistant')"
              >Close helpers’ screens</VBtn
            >
          </div>
          <p v-if="link" class="link small">
            <span class="address">{{ link.address }}</span>
            <VBtn v-if="canCopy" size="small" variant="text" @click="copy">Copy</VBtn>
          </p>
          <p v-if="link" class="soft small">
            {{
              link.kind === 'board'
                ? 'Whoever has this link sees the Board and can change nothing.'
                : 'Whoever has this link can tick what is packed and press the clock, until midnight.'
            }}
          </p>
        </section>
      </VCardText>
      <VCardActions>
        <VBtn v-if="access.teacher" variant="text" :href="`/sheet/${store.open.id}`" target="_blank"
          >Open a Sheet here</VBtn
        >
        <VSpacer />
        <VBtn color="primary" @click="shown = false">Close</VBtn>
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.code-place {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 20px;
  align-items: center;
}

.code {
  font-size: 3.4rem;
  font-weight: 600;
  letter-spacing: 0.12em;
  line-height: 1.2;
}

.devices {
  list-style: none;
  margin: 0;
  padding: 0;
  columns: 2;
}

.devices li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  break-inside: avoid;
}

.link {
  display: flex;
  align-items: center;
  gap: 8px;
}

.address {
  overflow-wrap: anywhere;
}

@media (max-width: 600px) {
  .code-place {
    grid-template-columns: 1fr;
  }

  .code {
    font-size: 2.4rem;
  }

  .square {
    display: none;
  }

  .devices {
    columns: 1;
  }
}
</style>
