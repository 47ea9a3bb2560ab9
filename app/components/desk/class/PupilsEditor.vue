<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { VueDraggable, type SortableEvent } from 'vue-draggable-plus'
import { firstNameProblem } from '#core/class'
import type { GroupDto, PupilDto } from '#shared/types/api'
import { useClassGroups } from '~/composables/useClassGroups'

/** The children by first name, each in its group: pulled over by hand, by arrow keys, or from the list under the name. */
const pupils = defineModel<PupilDto[]>({ required: true })
const props = defineProps<{ groups: GroupDto[] }>()
const {
  groupOf,
  membersOf,
  areEven,
  add: put,
  move,
  moveBeside,
  makeEven,
  takeOut,
} = useClassGroups(pupils, () => props.groups)
const board = ref<HTMLElement | null>(null)
const name = ref('')
const problem = ref<string | null>(null)
const places = computed(() => [
  ...props.groups.map((group) => ({ ...group, id: group.id as string | null })),
  ...(membersOf(null).length > 0 ? [{ id: null, name: 'No group yet', emblem: null }] : []),
])

function add() {
  const typed = name.value.trim().replace(/\s+/g, ' ')
  const bad = firstNameProblem(typed)
  const twin = pupils.value.some((pupil) => pupil.name.toLowerCase() === typed.toLowerCase())
  problem.value = bad
    ? `${bad.message}${bad.suggestion ? ` For example “${bad.suggestion}”.` : ''}`
    : twin
      ? `${typed} is in the class already. Add an initial.`
      : null
  if (problem.value) return
  put(typed)
  name.value = ''
}

function drop({ item, to }: SortableEvent) {
  const { child } = item.dataset
  if (child) move(child, to.dataset.group || null)
}

/** Arrows move a child to the group beside; the keyboard goes with it. */
async function onKey(event: KeyboardEvent, pupil: PupilDto) {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key] as 1 | -1 | undefined
  if (!by) return
  event.preventDefault()
  moveBeside(pupil, by)
  await nextTick()
  board.value?.querySelector<HTMLElement>(`[data-child="${pupil.id}"] button`)?.focus()
}

const whereWords = (pupil: PupilDto) =>
  props.groups.find(({ id }) => id === groupOf(pupil))?.name ?? 'in no group'
</script>

<template>
  <div class="stack">
    <div class="spread">
      <form class="row" @submit.prevent="add">
        <VTextField
          v-model="name"
          label="Add a first name"
          class="first-name"
          :error-messages="problem ?? undefined"
          @update:model-value="problem = null"
        />
        <VBtn type="submit" variant="outlined" color="primary">Add</VBtn>
      </form>
      <VBtn v-if="pupils.length > 1" variant="tonal" color="primary" :disabled="areEven" @click="makeEven"
        >Make groups equal</VBtn
      >
    </div>
    <div v-if="pupils.length" ref="board" class="board">
      <section v-for="place in places" :key="place.id ?? ''" :aria-label="place.name">
        <h3>
          <GroupEmblem v-if="place.emblem" :emblem="place.emblem" named :name="place.name" :size="20" />
          <template v-else>{{ place.name }}</template>
          <span class="soft number">{{ membersOf(place.id).length }}</span>
        </h3>
        <VueDraggable
          :model-value="membersOf(place.id)"
          tag="ul"
          group="children"
          :data-group="place.id ?? ''"
          :sort="false"
          @add="drop"
        >
          <li v-for="pupil in membersOf(place.id)" :key="pupil.id" :data-child="pupil.id">
            <VMenu>
              <template #activator="{ props: menu }">
                <button
                  v-bind="menu"
                  type="button"
                  :aria-label="`${pupil.name}, ${whereWords(pupil)}. Move`"
                  title="Press, pull, or use the arrow keys to move"
                  @keydown="onKey($event, pupil)"
                >
                  {{ pupil.name }}
                </button>
              </template>
              <VList density="compact">
                <VListItem
                  v-for="group in groups.filter((one) => one.id !== groupOf(pupil))"
                  :key="group.id"
                  :title="`To ${group.name}`"
                  @click="move(pupil.id, group.id)"
                />
                <VListItem title="Take out of the class" @click="takeOut(pupil)" />
              </VList>
            </VMenu>
          </li>
        </VueDraggable>
      </section>
    </div>
  </div>
</template>

<style scoped>
.first-name {
  width: 260px;
}

.board {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px;
}

h3 {
  display: flex;
  justify-content: space-between;
  margin-bottom: 4px;
  font-size: var(--text-body-small);
}

ul {
  list-style: none;
  margin: 0;
  padding: 6px;
  min-height: 48px;
  display: flex;
  flex-wrap: wrap;
  align-content: flex-start;
  gap: 6px;
  border-radius: var(--radius);
  background: var(--surface-sunk);
}

li button {
  padding: 4px 12px;
  min-height: 32px;
  border: 1px solid var(--line);
  border-radius: 999px;
  background: var(--surface);
  color: var(--ink);
  cursor: grab;
}

li button:hover {
  border-color: var(--teal);
}
</style>
