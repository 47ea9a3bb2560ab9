<script setup lang="ts">
import { computed } from 'vue'
import { capital } from '#core/quantity'
import { wayOf } from '#core/recording'
import { useLessonRoles } from '~/composables/useLessonRoles'

/** The children of each group, who of them is absent today, and who does what in the try that comes next. */
const { store, roles, ready } = useLessonRoles()
const together = computed(() => store.plan.whoTests === 'whole-class')
const next = computed(() => store.progress[0]?.next ?? null)
const volunteer = computed(() => (together.value && next.value ? roles.volunteerAt(next.value) : null))
const rows = computed(() =>
  store.groups.map((group, groupIndex) => {
    const next = store.progress[groupIndex]?.next ?? null
    return {
      group,
      members: roles.data?.members[group.id] ?? [],
      said: next && !together.value ? roles.saidAt(groupIndex, next) : [],
    }
  }),
)
</script>

<template>
  <div v-if="ready" class="stack">
    <p class="small soft">
      Roles move on with each try and each lesson, so that everybody gets each role equally often. Press
      anyone who is absent today; they won’t lose a turn.
    </p>
    <p v-if="volunteer && next" class="volunteer">
      {{ capital(wayOf(store.plan).slotName(store.plan, next)) }}: <b>{{ volunteer.name }}</b> from
      {{ store.groups[volunteer.groupIndex]!.name }} comes forward.
    </p>
    <div v-for="{ group, members, said } in rows" :key="group.id" class="row">
      <GroupEmblem :emblem="group.emblem" :size="26" named :name="group.name" class="group" />
      <div class="members">
        <VBtn
          v-for="member in members"
          :key="member.id"
          size="small"
          :variant="roles.absent.has(member.id) ? 'text' : 'tonal'"
          :aria-pressed="roles.absent.has(member.id)"
          :title="roles.absent.has(member.id) ? 'Here after all' : 'Absent today'"
          :class="{ absent: roles.absent.has(member.id) }"
          @click="roles.setAbsent(member.id, !roles.absent.has(member.id))"
          >{{ member.name }}<span v-if="roles.absent.has(member.id)">, absent</span></VBtn
        >
      </div>
      <p class="said">
        <template v-if="said.length"
          ><span v-for="one in said" :key="one.does"
            ><b>{{ one.name }}</b> {{ one.does }}</span
          ></template
        >
        <span v-else-if="!together" class="soft">all tries are in</span>
      </p>
    </div>
  </div>
  <p v-else class="soft" role="status">Looking up who is in the groups …</p>
</template>

<style scoped>
.volunteer {
  font-size: var(--text-lead);
}

.row {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding-bottom: 8px;
}

.members {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.absent {
  color: var(--ink-soft);
}

.said {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-size: var(--text-body-small);
}
</style>
