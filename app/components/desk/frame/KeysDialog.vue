<script setup lang="ts">
const shown = defineModel<boolean>({ required: true })
const keys: [string, string][] = [
  ['1 to 6', 'open a stage'],
  ['b', 'open the Board'],
  ['u', 'undo the last change of the plan'],
  ['?', 'show this list'],
  ['Enter, Shift + Enter', 'in the grid: next and previous try'],
  ['arrows', 'in the grid: move about'],
  ['x', 'in the grid: set the try aside'],
  ['n', 'in the grid: a note about the try'],
  ['o', 'in the grid: write down something noticed'],
]
</script>

<template>
  <VDialog v-model="shown" max-width="460" aria-label="Keys">
    <VCard title="Keys">
      <VCardText>
        <dl>
          <template v-for="[key, act] in keys" :key="key">
            <dt>{{ key }}</dt>
            <dd>{{ act }}</dd>
          </template>
        </dl>
      </VCardText>
      <VCardActions><VBtn color="primary" @click="shown = false">Close</VBtn></VCardActions>
    </VCard>
  </VDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
}

dt {
  font-family: var(--heading);
}

dd {
  margin: 0;
}
</style>
