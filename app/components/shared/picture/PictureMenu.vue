<script setup lang="ts">
import { mdiCameraOutline, mdiClose, mdiDraw, mdiImagePlusOutline } from '@mdi/js'
import { ref } from 'vue'
import { sendPicture } from '~/api/sendPicture'
import { useNotices } from '~/stores/notices'

/** Takes a photo or a sketch and gives back its identifier; the button shows what there is. */
const picture = defineModel<string | null>({ required: true })
withDefaults(defineProps<{ label?: string; of: string }>(), { label: '' })
const notices = useNotices()
const file = ref<{ choose: () => void } | null>(null)
const sketching = ref(false)
const busy = ref(false)

async function keep(made: Promise<Blob> | Blob) {
  busy.value = true
  await notices.attempt(async () => {
    picture.value = await sendPicture(await made)
  })
  busy.value = false
}
</script>

<template>
  <span>
    <VMenu>
      <template #activator="{ props: menu }">
        <VBtn
          v-if="label"
          v-bind="menu"
          size="small"
          variant="text"
          color="primary"
          :loading="busy"
          :prepend-icon="mdiImagePlusOutline"
          >{{ label }}</VBtn
        >
        <VBtn
          v-else
          v-bind="menu"
          size="x-small"
          variant="text"
          :icon="!picture"
          :loading="busy"
          :aria-label="`Picture of ${of}`"
          :title="`Picture of ${of}`"
        >
          <img v-if="picture" :src="`/api/pictures/${picture}`" alt="" class="thumb" />
          <VIcon v-else :icon="mdiImagePlusOutline" />
        </VBtn>
      </template>
      <VList density="compact">
        <VListItem :prepend-icon="mdiCameraOutline" title="Photo from this device" @click="file?.choose()" />
        <VListItem :prepend-icon="mdiDraw" title="Sketch it" @click="sketching = true" />
        <VListItem v-if="picture" :prepend-icon="mdiClose" title="Take it off" @click="picture = null" />
      </VList>
    </VMenu>
    <PhotoFile ref="file" :of="of" @photo="keep" />
    <SketchPad v-model="sketching" @keep="keep" />
  </span>
</template>

<style scoped>
.thumb {
  height: 26px;
  width: 34px;
  object-fit: cover;
  border-radius: 4px;
  border: 1px solid var(--line);
}
</style>
