<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { levelName, newId, orderedLevels, planLimits, type Property } from '#core/plan'
import { useLesson } from '~/stores/lesson'

/** What else the levels may differ in, as stated for each; the Fair check finds what is not the same for all. */
const store = useLesson()
const levels = computed(() => orderedLevels(store.plan))
const properties = computed(() => store.plan.properties)

function put(next: Property[], key = '') {
  store.editPlan({ properties: next }, key)
}

function change(id: string, changes: Partial<Property>, key: string) {
  put(
    properties.value.map((one) => (one.id === id ? { ...one, ...changes } : one)),
    key,
  )
}
</script>

<template>
  <div v-if="levels.length > 1" class="properties">
    <table v-if="properties.length">
      <thead>
        <tr>
          <th scope="col" class="small">Also differs in</th>
          <th v-for="level in levels" :key="level.id" scope="col" class="small soft">
            {{ levelName(store.plan, level) }}
          </th>
          <th><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="property in properties" :key="property.id">
          <td>
            <VTextField
              :model-value="property.name"
              aria-label="What the levels may also differ in"
              placeholder="size, weight…"
              :maxlength="60"
              @update:model-value="change(property.id, { name: $event }, `property-${property.id}`)"
            />
          </td>
          <td v-for="level in levels" :key="level.id">
            <VTextField
              :model-value="property.at[level.id] ?? ''"
              :aria-label="`${property.name || 'It'} of ${levelName(store.plan, level)}`"
              :maxlength="60"
              @update:model-value="
                change(
                  property.id,
                  { at: { ...property.at, [level.id]: $event } },
                  `property-${property.id}-${level.id}`,
                )
              "
            />
          </td>
          <td>
            <TakeOut
              :what="property.name || 'this property'"
              @click="put(properties.filter((one) => one.id !== property.id))"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <VBtn
      v-if="properties.length < planLimits.properties"
      size="small"
      variant="text"
      color="primary"
      :prepend-icon="mdiPlus"
      title="State what else is different between the levels: size, weight, age…"
      @click="put([...properties, { id: newId(), name: '', at: {} }])"
      >{{ properties.length ? 'One more' : 'Do they differ in anything else?' }}</VBtn
    >
  </div>
</template>

<style scoped>
.properties {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  text-align: left;
  font-weight: 400;
  padding: 0 4px 2px 0;
  white-space: nowrap;
  max-width: 90px;
  overflow: hidden;
  text-overflow: ellipsis;
}

td {
  padding: 0 4px 4px 0;
  min-width: 74px;
}

td:first-child {
  min-width: 110px;
}

td :deep(input) {
  padding-inline: 8px;
}
</style>
