<script setup lang="ts">
import { computed } from 'vue'
import { rolesOf } from '#core/timetable'
import { useLessonRoles } from '~/composables/useLessonRoles'

/** Who does what in a group, turn by turn, on paper. */
const props = defineProps<{ groupIndex: number }>()
const { store, roles, ready } = useLessonRoles()
/** So many turns fit beside one another, in so many rows. */
const [across, rows] = [8, 3]
const turns = computed(() => roles.turnsOf(props.groupIndex))
const blocks = computed(() =>
  Array.from({ length: Math.min(rows, Math.ceil(turns.value.length / across)) }, (_, row) =>
    turns.value
      .slice(row * across, (row + 1) * across)
      .map((turn, index) => ({ number: row * across + index + 1, turn })),
  ),
)
const wanted = computed(() => rolesOf(store.plan))
const left = computed(() => turns.value.length > across * rows)
</script>

<template>
  <div v-if="ready" class="roles">
    <table v-for="(block, row) in blocks" :key="row">
      <thead>
        <tr>
          <th scope="col">try</th>
          <th v-for="{ number } in block" :key="number" scope="col">{{ number }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="role in wanted" :key="role">
          <th scope="row">{{ role }}</th>
          <td v-for="{ number, turn } in block" :key="number">{{ roles.nameOf(turn[role]) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="left">For later tries, look under Who on the Desk.</p>
  </div>
</template>

<style scoped>
.roles {
  font-size: 9pt;
  margin-top: 4px;
}

table {
  width: 100%;
  border-collapse: collapse;
  margin-bottom: 4px;
}

th,
td {
  border: 1px solid #888;
  padding: 2px 4px;
  text-align: left;
}
</style>
