<script setup lang="ts">
import { computed } from 'vue'
import { turnsOf } from '#core/kit'
import { useLesson } from '~/stores/lesson'
import { usePack } from '~/stores/pack'

/** Who has which of the things that go round, turn by turn. */
const store = useLesson()
const pack = usePack()
const rotations = computed(() => turnsOf(pack.lines, store.groups.length))
</script>

<template>
  <section v-if="rotations.length" class="stack" aria-label="Taking turns">
    <h2>Taking turns</h2>
    <table v-for="(rotation, index) in rotations" :key="index">
      <thead>
        <tr>
          <th scope="col">{{ rotation.lines.length === 1 ? rotation.lines[0]!.material.name : 'turn' }}</th>
          <th v-for="group in store.groups" :key="group.id" scope="col">
            <GroupEmblem :emblem="group.emblem" :size="22" :name="group.name" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(turn, number) in rotation.turns" :key="number">
          <th scope="row">turn {{ number + 1 }}</th>
          <td v-for="(line, place) in turn" :key="place">
            {{ line === null ? '–' : rotation.lines.length === 1 ? 'has it' : line.material.name }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
}

th,
td {
  padding: 4px 10px;
  border-top: 1px solid var(--line);
  text-align: center;
  font-size: var(--text-small);
}

th:first-child {
  text-align: left;
}
</style>
