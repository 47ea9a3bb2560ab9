<script setup lang="ts">
import { computed } from 'vue'
import { rotation } from '#core/kit'
import { useLesson } from '../../stores/lesson'
import { usePack } from '../../stores/pack'

/** Who has which of the things that go round, turn by turn. */
const store = useLesson()
const pack = usePack()
/** Kinds of the thing changed go round together; each other thing goes round by itself. */
const rounds = computed(() => {
  const turning = pack.lines.filter((line) => line.material.per === 'turns' && line.shared >= 1)
  const kinds = turning.filter((line) => line.material.level !== null)
  const others = turning.filter((line) => line.material.level === null)
  return [...(kinds.length > 0 ? [kinds] : []), ...others.map((line) => [line])].map((lines) => ({
    names: new Map(lines.map((line) => [line.material.id, line.material.name])),
    turns: rotation(
      store.groups.length,
      lines.map((line) => ({ id: line.material.id, howMany: Math.floor(line.shared) })),
    ),
  }))
})
</script>

<template>
  <section v-if="rounds.length" class="stack" aria-label="Taking turns">
    <h2>Taking turns</h2>
    <table v-for="(round, index) in rounds" :key="index">
      <thead>
        <tr>
          <th scope="col">{{ round.names.size === 1 ? [...round.names.values()][0] : 'turn' }}</th>
          <th v-for="group in store.groups" :key="group.id" scope="col">
            <GroupEmblem :emblem="group.emblem" :size="22" :name="group.name" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(turn, number) in round.turns" :key="number">
          <th scope="row">turn {{ number + 1 }}</th>
          <td v-for="(thing, place) in turn" :key="place">
            {{ thing === null ? '–' : round.names.size === 1 ? 'has it' : round.names.get(thing) }}
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
  font-size: 0.88rem;
}

th:first-child {
  text-align: left;
}
</style>
