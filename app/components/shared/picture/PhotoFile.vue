<script setup lang="ts">
import { ref } from 'vue'
import { shrinkPhoto } from '~/api/sendPicture'

/** The device's own way to a photo: the camera where one is asked for, else its files. */
withDefaults(defineProps<{ of: string; camera?: boolean }>(), { camera: false })
const emit = defineEmits<{ photo: [photo: Promise<Blob>] }>()
const file = ref<HTMLInputElement | null>(null)

function take(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (chosen) emit('photo', shrinkPhoto(chosen))
}

defineExpose({ choose: () => file.value?.click() })
</script>

<template>
  <input
    ref="file"
    type="file"
    accept="image/jpeg,image/png,image/webp"
    :capture="camera ? 'environment' : undefined"
    class="visually-hidden"
    :aria-label="`Photo of ${of}`"
    tabindex="-1"
    @change="take"
  />
</template>
