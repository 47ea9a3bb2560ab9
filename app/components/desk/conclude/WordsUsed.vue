<script setup lang="ts">
import { computed } from 'vue'
import { listed } from '#core/quantity'
import { useScienceWords } from '~/composables/useScienceWords'

/** Which of the lesson's words the class has used so far. */
const { names, used } = useScienceWords()
const said = computed(() => names.value.filter((word) => used.value.has(word)))
const open = computed(() => names.value.filter((word) => !used.value.has(word)))
</script>

<template>
  <p v-if="names.length > 0" class="small soft" role="status">
    <template v-if="said.length > 0"
      >Words of science that you used: <b>{{ listed(said) }}</b>.
    </template>
    <template v-if="open.length > 0"
      >{{ said.length > 0 ? 'Not yet used' : 'Words of science that could help' }}:
      {{ listed(open) }}.</template
    >
  </p>
</template>
