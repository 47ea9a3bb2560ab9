<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { emblemIds, emblemWord, freeEmblem, groupLimits, type EmblemId } from '#core/class'
import { newId } from '#core/plan'
import type { GroupDto, PupilDto } from '#shared/types/api'
import { useNotices } from '~/stores/notices'

/** The groups of a class: each with its own emblem and name. */
const groups = defineModel<GroupDto[]>({ required: true })
defineProps<{ pupils: PupilDto[] }>()

const notices = useNotices()
const taken = computed(() => groups.value.map((group) => group.emblem))

function add() {
  const emblem = freeEmblem(taken.value)
  groups.value = [...groups.value, { id: newId(), emblem, name: emblemWord(emblem) }]
}

function change(id: string, changes: Partial<GroupDto>) {
  groups.value = groups.value.map((group) => (group.id === id ? { ...group, ...changes } : group))
}

function choose(group: GroupDto, emblem: EmblemId) {
  const ownName = group.name !== emblemWord(group.emblem)
  change(group.id, { emblem, name: ownName ? group.name : emblemWord(emblem) })
}

function takeOut(gone: GroupDto) {
  const before = groups.value
  groups.value = before.filter((one) => one.id !== gone.id)
  notices.tell(`${gone.name} is taken out.`, () => void (groups.value = before))
}

const count = (pupils: PupilDto[], groupId: string) =>
  pupils.filter((pupil) => pupil.groupId === groupId).length
</script>

<template>
  <div class="groups">
    <div v-for="(group, groupIndex) in groups" :key="group.id" class="group">
      <VMenu>
        <template #activator="{ props: menu }">
          <button
            v-bind="menu"
            type="button"
            class="emblem"
            :aria-label="`Emblem of ${group.name}: ${emblemWord(group.emblem)}. Change it`"
          >
            <GroupEmblem :emblem="group.emblem" :size="34" named name="" />
          </button>
        </template>
        <div class="panel choices" role="menu">
          <button
            v-for="emblem in emblemIds"
            :key="emblem"
            type="button"
            role="menuitem"
            :disabled="taken.includes(emblem)"
            @click="choose(group, emblem)"
          >
            <GroupEmblem :emblem="emblem" :size="26" named />
          </button>
        </div>
      </VMenu>
      <VTextField
        :model-value="group.name"
        :label="`Group ${groupIndex + 1}`"
        :maxlength="24"
        @update:model-value="change(group.id, { name: $event })"
      />
      <span class="small soft count">{{ count(pupils, group.id) || '' }}</span>
      <TakeOut
        :what="group.name"
        size="small"
        :disabled="groups.length <= groupLimits.fewest"
        @click="takeOut(group)"
      />
    </div>
    <VBtn
      v-if="groups.length < groupLimits.most"
      variant="outlined"
      color="primary"
      :prepend-icon="mdiPlus"
      @click="add"
      >Add a group</VBtn
    >
    <p v-else class="soft small">You can have up to 12 groups.</p>
  </div>
</template>

<style scoped>
.groups {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 22px;
  align-items: center;
}

@media (max-width: 760px) {
  .groups {
    grid-template-columns: 1fr;
  }
}

.group {
  display: flex;
  align-items: center;
  gap: 8px;
}

.emblem {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  padding: 4px;
  width: 46px;
  height: 44px;
  cursor: pointer;
  display: grid;
  place-content: center;
}

.count {
  width: 1.2em;
  text-align: right;
}

.choices {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 4px;
}

.choices button {
  border: 0;
  background: none;
  padding: 8px;
  border-radius: 8px;
  cursor: pointer;
  text-align: left;
}

.choices button:hover:enabled {
  background: var(--teal-wash);
}

.choices button:disabled {
  opacity: 0.35;
  cursor: default;
}
</style>
