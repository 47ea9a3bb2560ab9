<script setup lang="ts">
import { computed, watch } from 'vue'
import { isDoneForAll } from '#core/lesson'
import { useLiveLesson } from '~/composables/useLiveLesson'
import { request } from '~/api/request'
import { useVisitor } from '~/composables/useVisitor'
import { useNotices } from '~/stores/notices'
import { useLesson } from '~/stores/lesson'

const route = useRoute()
const router = useRouter()
const access = useVisitor()
const notices = useNotices()
const store = useLesson()
const id = computed(() => String(route.params.id))
useLiveLesson(id)
/** Every group of the class, each with the lesson or part that it takes part in. */
const doors = computed(() =>
  store.open.parts.flatMap((part) => part.groups.map((group) => ({ group, lessonId: part.id }))),
)
/** Where it is done once for all, one device reads for the class. */
const front = computed(() => (isDoneForAll(store.plan) ? store.groups[0] : undefined))

/** A tablet says which group it is; one that two groups share stays with the last two. */
async function enter(to: string, groupId: string) {
  await notices.attempt(async () => {
    const { visitor } = access.data ?? (await access.load())
    if (visitor.kind === 'sheet') {
      const others = visitor.groupIds.filter((one) => one !== groupId)
      await request('PUT', '/api/join/groups', { body: { groupIds: [...others, groupId].slice(-2) } })
      await access.load()
    }
    await router.push(to)
  })
}
/** Whoever read a tray card has chosen already. */
watch(
  () => store.lesson?.id === id.value && doors.value.find(({ group }) => group.id === route.query.group),
  (door) => door && void enter(`/sheet/${door.lessonId}/${door.group.id}`, door.group.id),
  { immediate: true },
)
useHead({ title: 'Sheet' })
</script>

<template>
  <VMain class="choose">
    <template v-if="store.lesson && store.lesson.id === id">
      <h1>Which group are you?</h1>
      <div class="groups">
        <NuxtLink
          v-for="{ group, lessonId } in doors"
          :key="group.id"
          :to="`/sheet/${lessonId}/${group.id}`"
          @click.prevent="enter(`/sheet/${lessonId}/${group.id}`, group.id)"
        >
          <GroupEmblem :emblem="group.emblem" :size="72" named name="" />
          <span>{{ group.name }}</span>
        </NuxtLink>
        <NuxtLink
          v-if="front"
          :to="`/sheet/${id}/${front.id}?for=class`"
          @click.prevent="enter(`/sheet/${id}/${front.id}?for=class`, front.id)"
        >
          <GroupEmblem emblem="class" :size="72" named name="" />
          <span>The class, at the front</span>
        </NuxtLink>
      </div>
    </template>
    <LessonLoading v-else :problem="store.problem" />
  </VMain>
</template>

<style scoped>
.choose {
  padding: 22px 18px;
  max-width: 760px;
  width: 100%;
  margin: 0 auto;
}

h1 {
  font-size: var(--text-large);
  text-align: center;
  margin-bottom: 20px;
}

.groups {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 14px;
}

.groups a {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 6px;
  padding: 18px 8px;
  background: var(--surface);
  border: 2px solid var(--line);
  border-radius: var(--radius);
  color: var(--ink);
  font: 600 var(--text-heading) var(--heading);
  text-decoration: none;
}

.groups a:hover {
  border-color: var(--teal);
}
</style>
