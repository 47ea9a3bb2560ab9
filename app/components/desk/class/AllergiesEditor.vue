<script setup lang="ts">
import { computed } from 'vue'
import { allergenIds, allergenName, type AllergenId, type ClassAllergy } from '#core/catalogue'

/** How many children react to what: counted, never named. */
const allergies = defineModel<ClassAllergy[]>({ required: true })
const free = computed(() =>
  allergenIds
    .filter((id) => !allergies.value.some((one) => one.allergen === id))
    .map((id) => ({ title: allergenName(id), value: id })),
)

const add = (allergen: AllergenId | null) => {
  if (allergen) allergies.value = [...allergies.value, { allergen, children: 1 }]
}
const change = (allergen: AllergenId, children: number) =>
  (allergies.value = allergies.value.map((one) => (one.allergen === allergen ? { ...one, children } : one)))
const remove = (allergen: AllergenId) =>
  (allergies.value = allergies.value.filter((one) => one.allergen !== allergen))
</script>

<template>
  <div class="allergies">
    <div v-for="one in allergies" :key="one.allergen" class="one">
      <QuantityField
        :model-value="one.children"
        whole
        :least="0"
        :greatest="60"
        :aria-label="`How many children react to ${allergenName(one.allergen)}`"
        @update:model-value="change(one.allergen, $event!)"
      />
      <span
        >{{ one.children === 1 ? 'child reacts' : 'children react' }} to
        <b>{{ allergenName(one.allergen) }}</b></span
      >
      <TakeOut :what="allergenName(one.allergen)" @click="remove(one.allergen)" />
    </div>
    <VSelect
      :model-value="null"
      :items="free"
      label="Add what somebody reacts to"
      class="add"
      @update:model-value="add"
    />
  </div>
</template>

<style scoped>
.allergies {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: center;
}

.one {
  display: flex;
  align-items: center;
  gap: 8px;
}

.one > :first-child {
  width: 64px;
}

.add {
  width: 250px;
  flex: none;
}
</style>
