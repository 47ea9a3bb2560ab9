<script setup lang="ts">
import { mdiCameraOutline, mdiClose, mdiDraw } from '@mdi/js'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { observationKinds, observationLimits, type ObservationKind } from '#core/observation'
import type { Slot } from '#core/entries'
import { wayOf } from '#core/recording'
import { guessHint } from '#core/wonder'
import { pictureText } from '~/api/sendPicture'
import { useDraftText } from '~/composables/useDraftText'
import { useServerClock } from '~/composables/useServerClock'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { useObservations } from '~/stores/observations'

/** Something seen beside what is measured: words, a photo or a sketch, and whether it was seen or is supposed. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{
  source: 'sheet' | 'desk'
  /** Whose it is; undefined lets the teacher choose, null is the whole class. */
  groupId?: string | null
  /** The place of the test that is on the screen, if any. */
  place?: Slot | null
  title?: string
}>()
const store = useLesson()
const notices = useNotices()
const observations = useObservations()
// Tablets' own clocks differ, and what was seen stands in order.
const clock = useServerClock()
const kind = ref<ObservationKind>('noticed')
const text = useDraftText(() => `${store.open.id}|${props.groupId ?? 'class'}|observed`)
const picture = ref<Blob | null>(null)
const aboutPlace = ref(true)
const whose = ref<string | null>(null)
/** The place that was on the screen when this was opened: another device may have filled it since. */
const placed = shallowRef<Slot | null>(null)
const busy = ref(false)
const file = ref<{ choose: () => void } | null>(null)
const sketching = ref(false)
const words = ref<{ focus: () => void } | null>(null)
const preview = ref('')
watch(picture, (now) => {
  URL.revokeObjectURL(preview.value)
  preview.value = now ? URL.createObjectURL(now) : ''
})
/** It may be there only once it is opened. */
watch(
  shown,
  async (open) => {
    if (!open) return
    kind.value = 'noticed'
    picture.value = null
    aboutPlace.value = true
    whose.value = props.groupId ?? null
    placed.value = props.place ?? null
    // At once, and not when the dialog has come into sight: the first letters would go elsewhere.
    await nextTick()
    words.value?.focus()
  },
  { immediate: true },
)

const children = computed(() => props.source === 'sheet')
const kindWords: Record<ObservationKind, { name: string; ask: string }> = {
  noticed: { name: 'We noticed', ask: 'seen, heard, felt' },
  guessed: { name: 'We guess', ask: 'what may be going on' },
}
const owners = computed(() => [
  { title: 'the whole class', value: null },
  ...store.groups.map((group) => ({ title: group.name, value: group.id })),
])
const placeName = computed(() => (placed.value ? wayOf(store.plan).slotName(store.plan, placed.value) : ''))
const hint = computed(() => (kind.value === 'noticed' ? guessHint(text.value) : null))
const canKeep = computed(() => text.value.trim() !== '' || picture.value !== null)

const takePhoto = (photo: Promise<Blob>) =>
  notices.attempt(async () => {
    picture.value = await photo
  })

async function keep() {
  if (!canKeep.value || busy.value) return
  busy.value = true
  const at = placed.value
  await notices.attempt(async () => {
    await observations.add({
      groupId: whose.value,
      kind: kind.value,
      text: text.value.trim(),
      about:
        at && aboutPlace.value && whose.value !== null
          ? { levelId: at.levelId, tryNumber: at.tryNumber, moment: at.moment }
          : null,
      source: props.source,
      seenAt: new Date(clock.read()).toISOString(),
      picture: picture.value ? await pictureText(picture.value) : null,
    })
    text.value = ''
    shown.value = false
    notices.tell(kind.value === 'noticed' ? 'Written down as noticed.' : 'Written down as a guess.')
  })
  busy.value = false
}
</script>

<template>
  <VDialog v-model="shown" max-width="560" scrollable aria-label="Something noticed">
    <VCard :title="title ?? (children ? 'What did you notice?' : 'What was noticed?')">
      <VCardText>
        <form id="observe" class="stack" @submit.prevent="keep">
          <div class="kinds" role="group" aria-label="Did we see it or guess it?">
            <button
              v-for="one in observationKinds"
              :key="one"
              type="button"
              class="choice"
              :class="one"
              :aria-pressed="kind === one"
              @click="kind = one"
            >
              <span
                >{{ kindWords[one].name }}<small>{{ kindWords[one].ask }}</small></span
              >
            </button>
          </div>
          <VSelect
            v-if="groupId === undefined"
            v-model="whose"
            :items="owners"
            label="Who saw it"
            density="compact"
            hide-details
          />
          <VTextarea
            ref="words"
            v-model="text"
            label="In words"
            :rows="3"
            :maxlength="observationLimits.letters"
            hide-details
            auto-grow
            :max-rows="6"
          />
          <p v-if="hint" class="hint small" role="status">{{ hint }}</p>
          <div v-if="preview" class="picture">
            <img :src="preview" alt="Your picture" />
            <VBtn size="small" variant="text" :prepend-icon="mdiClose" @click="picture = null"
              >Without it</VBtn
            >
          </div>
          <div v-else class="row">
            <VBtn variant="outlined" size="large" :prepend-icon="mdiCameraOutline" @click="file?.choose()"
              >Photo</VBtn
            >
            <VBtn variant="outlined" size="large" :prepend-icon="mdiDraw" @click="sketching = true"
              >Sketch</VBtn
            >
            <span class="small soft tip">The thing, not faces.</span>
          </div>
          <VCheckbox
            v-if="placeName && whose !== null"
            v-model="aboutPlace"
            :label="`About ${placeName}`"
            density="compact"
            hide-details
          />
          <PhotoFile ref="file" of="what was noticed" :camera="children" @photo="takePhoto" />
          <SketchPad v-model="sketching" @keep="picture = $event" />
        </form>
      </VCardText>
      <VCardActions>
        <VBtn @click="shown = false">Not now</VBtn>
        <VBtn
          type="submit"
          form="observe"
          color="primary"
          variant="flat"
          :disabled="!canKeep"
          :loading="busy"
          :size="children ? 'large' : undefined"
          >Write it down</VBtn
        >
      </VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.choice.guessed {
  border-style: dashed;
}

.hint {
  background: var(--marigold-wash);
  border-radius: var(--radius);
  padding: 8px 12px;
}

.picture {
  display: flex;
  align-items: flex-end;
  gap: 10px;
}

.picture img {
  max-width: min(100%, 260px);
  max-height: 180px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}

.tip {
  flex: 1;
}
</style>
