<script setup lang="ts">
import { ref } from 'vue'
import { defined } from '#core/defined'
import { firstNameProblem } from '#core/class'
import { newId } from '#core/plan'
import type { GroupDto, PupilDto } from '#shared/types/api'
import { useNotices } from '~/stores/notices'

/** The children by first name: optional, and never shown on a Board. */
const pupils = defineModel<PupilDto[]>({ required: true })
const props = defineProps<{ groups: GroupDto[] }>()
const notices = useNotices()
const name = ref('')
const problem = ref<string | null>(null)

function add() {
  const typed = name.value.trim().replace(/\s+/g, ' ')
  const bad = firstNameProblem(typed)
  const twin = pupils.value.some((pupil) => pupil.name.toLowerCase() === typed.toLowerCase())
  problem.value = bad
    ? `${bad.message}${bad.suggestion ? ` For example “${bad.suggestion}”.` : ''}`
    : twin
      ? `There is a ${typed} already. Add an initial.`
      : null
  if (problem.value) return
  pupils.value = [...pupils.value, { id: newId(), name: typed, groupId: smallestGroup() }]
  name.value = ''
}

function smallestGroup(): string | null {
  const sizes = props.groups.map((group) => pupils.value.filter((pupil) => pupil.groupId === group.id).length)
  return props.groups[sizes.indexOf(Math.min(...sizes))]?.id ?? null
}

function takeOut(gone: PupilDto) {
  const before = pupils.value
  pupils.value = before.filter((one) => one.id !== gone.id)
  notices.tell(`${gone.name} is taken out.`, () => void (pupils.value = before))
}

/** A group that was taken out is none. */
const groupOf = ({ groupId }: PupilDto) =>
  props.groups.some(({ id }) => id === groupId) ? defined(groupId) : ''

function move(id: string, groupId: string | null) {
  pupils.value = pupils.value.map((pupil) => (pupil.id === id ? { ...pupil, groupId } : pupil))
}
</script>

<template>
  <div class="stack">
    <form class="row" @submit.prevent="add">
      <VTextField
        v-model="name"
        label="Add a first name"
        :error-messages="problem ?? undefined"
        @update:model-value="problem = null"
      />
      <VBtn type="submit" variant="outlined" color="primary">Add</VBtn>
    </form>
    <ul v-if="pupils.length">
      <li v-for="pupil in pupils" :key="pupil.id">
        <span class="name">{{ pupil.name }}</span>
        <select
          :value="groupOf(pupil)"
          :aria-label="`Group of ${pupil.name}`"
          @change="move(pupil.id, ($event.target as HTMLSelectElement).value || null)"
        >
          <option value="">no group</option>
          <option v-for="group in groups" :key="group.id" :value="group.id">{{ group.name }}</option>
        </select>
        <TakeOut :what="pupil.name" @click="takeOut(pupil)" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
form > :first-child {
  max-width: 260px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 2px 18px;
}

li {
  display: flex;
  align-items: center;
  gap: 6px;
}

.name {
  flex: 1;
}

select {
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 3px 6px;
  background: var(--surface);
  font: inherit;
  font-size: var(--text-small);
}
</style>
