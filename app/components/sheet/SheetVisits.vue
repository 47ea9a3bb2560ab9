<script setup lang="ts">
import { mdiCommentQuestionOutline, mdiWalk } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { reviewKey, standingReviews } from '#core/review'
import { useReviews } from '~/composables/useReviews'
import { useLesson } from '~/stores/lesson'
import { SheetVisit, SheetVisitors } from './lazyParts'

/** While visits are open, the way to the group that this one visits; and what others have left here. */
const props = defineProps<{ groupId: string }>()
const store = useLesson()
const { reviewing, groupOf } = useReviews()
const host = computed(() => {
  const id = reviewing.value?.open ? reviewing.value.hosts[props.groupId] : undefined
  return id === undefined ? undefined : groupOf(id)
})
const left = computed(() =>
  store.open.reviews.find((one) => one.byGroupId === props.groupId && one.ofGroupId === host.value?.id),
)
const received = computed(() =>
  standingReviews(store.open.reviews).filter(({ ofGroupId }) => ofGroupId === props.groupId),
)
const looking = ref(false)
/** From the first time on, so that what was begun there stays. */
const looked = ref(false)
/** Which one is open, by its pair: it may change while it is read. */
const reading = ref<string | null>(null)
const isReading = ref(false)
const read = computed(() => received.value.find((one) => reviewKey(one) === reading.value))
function look() {
  looking.value = looked.value = true
}
function open(key: string) {
  reading.value = key
  isReading.value = true
}
// What the teacher has closed is closed here too.
watch(host, (now) => {
  if (!now) looking.value = false
})
</script>

<template>
  <div v-if="host || received.length > 0" class="visits">
    <p v-if="host && left?.removed" class="visit" role="status">
      Your teacher has taken back what you left for {{ host.name }}. Talk about it together.
    </p>
    <div v-else-if="host" class="visit">
      <span>Visit</span>
      <GroupEmblem class="wraps" :emblem="host.emblem" :size="28" named :name="host.name" />
      <VBtn
        :color="left ? undefined : 'primary'"
        :variant="left ? 'outlined' : 'flat'"
        size="large"
        :prepend-icon="mdiWalk"
        @click="look"
        >{{ left ? 'Look once more' : 'Look at their work' }}</VBtn
      >
    </div>
    <div v-for="one in received" :key="reviewKey(one)" class="visit">
      <GroupEmblem
        v-if="groupOf(one.byGroupId)"
        class="wraps"
        :emblem="groupOf(one.byGroupId)!.emblem"
        :size="28"
        named
        :name="groupOf(one.byGroupId)!.name"
      />
      <VBtn
        variant="outlined"
        size="large"
        :prepend-icon="mdiCommentQuestionOutline"
        @click="open(reviewKey(one))"
        >{{
          one.answer ? 'You have answered' : one.question ? 'They ask you something' : 'They left you a word'
        }}</VBtn
      >
    </div>
    <SheetVisit
      v-if="looked && host"
      :key="host.id"
      v-model="looking"
      :group-id="groupId"
      :host-id="host.id"
    />
    <SheetVisitors v-if="read" :key="reviewKey(read)" v-model="isReading" :review="read" />
  </div>
</template>

<style scoped>
.visits {
  display: grid;
  gap: 8px;
  margin-top: 12px;
}

.visit {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 10px;
  padding: 8px 12px;
  font: 500 var(--text-lead) var(--heading);
  background: var(--marigold-wash);
  border-radius: var(--radius);
}
.visit .v-btn {
  margin-left: auto;
}
</style>
