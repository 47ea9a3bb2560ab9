<script setup lang="ts">
import { computed } from 'vue'
import { waysToKeep } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** How one thing is kept the same: a value or a rule, typed or picked. */
const props = defineProps<{ id: string }>()
const store = useLesson()
const same = computed(() => store.plan.keptSame.find((one) => one.id === props.id))
const ways = computed(() => waysToKeep(same.value?.name ?? ''))

function say(how: string) {
  store.editPlan(
    (plan) => ({
      ...plan,
      keptSame: plan.keptSame.map((one) => (one.id === props.id ? { ...one, how } : one)),
    }),
    `how-${props.id}`,
  )
}
</script>

<template>
  <VCombobox
    v-if="same"
    :model-value="same.how || null"
    :items="ways"
    :aria-label="`How ${same.name} is kept the same`"
    persistent-placeholder
    placeholder="how? a value or a rule"
    :maxlength="160"
    variant="underlined"
    density="compact"
    hide-details
    class="way"
    @update:model-value="say(String($event ?? ''))"
    @update:search="$event !== undefined && $event !== same.how && say($event)"
  />
</template>

<style scoped>
.way {
  margin-right: 8px;
}
</style>
