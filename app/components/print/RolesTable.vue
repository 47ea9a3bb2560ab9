<script setup lang="ts">
import { computed } from 'vue'
import { rolesOf } from '#core/timetable'
import { useLessonRoles } from '../../composables/useLessonRoles'

/** Who does what in a group, turn by turn, on paper. */
const props = defineProps<{ groupIndex: number }>()
const { store, roles, ready } = useLessonRoles()
/** More columns than that do not fit; then it begins again. */
const mostTurns = 8
const turns = computed(() => roles.turnsOf(props.groupIndex))
const shown = computed(() => turns.value.slice(0, mostTurns))
const wanted = computed(() => (store.plan.whoTests === 'whole-class' ? [] : rolesOf(store.plan)))
</script>

<template>
  <table v-if="ready && shown.length && wanted.length" class="roles">
    <caption>
      Who does what{{
        turns.length > mostTurns ? ', then again from the start' : ''
      }}
    </caption>
    <thead>
      <tr>
        <th scope="col">try</th>
        <th v-for="(_turn, index) in shown" :key="index" scope="col">{{ index + 1 }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="role in wanted" :key="role">
        <th scope="row">{{ role }}</th>
        <td v-for="(turn, index) in shown" :key="index">{{ roles.nameOf(turn[role]) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.roles {
  width: 100%;
  border-collapse: collapse;
  font-size: 9pt;
  margin-top: 8px;
}

caption {
  text-align: left;
  font-weight: 600;
}

th,
td {
  border: 1px solid #888;
  padding: 2px 4px;
  text-align: left;
}
</style>
