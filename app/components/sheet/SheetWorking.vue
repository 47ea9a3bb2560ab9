<script setup lang="ts">
import { computed, ref } from 'vue'
import { defined } from '#core/defined'
import { unitDefinition } from '#core/quantity'
import { isWorkedOut, type Working } from '#core/recording'

/** What tries come to: worked out by the children, who are told whether it is right, or shown to them. */
const props = defineProps<{ steps: readonly Working[]; asked: readonly Working[]; level: string }>()
defineEmits<{ done: [] }>()
const at = ref(0)
const typed = ref('')
const misses = ref(0)
const now = computed(() => props.asked[at.value] ?? null)
/** What comes before that which the children work out now. */
const shown = computed(() => props.steps.slice(0, now.value ? props.steps.indexOf(now.value) : undefined))
/** After two misses nobody is left alone with it. */
const helped = computed(() => misses.value >= 2)

function check() {
  if (isWorkedOut(defined(now.value), typed.value)) next()
  else misses.value++
}

function next() {
  at.value++
  misses.value = 0
  typed.value = ''
}
</script>

<template>
  <section class="step">
    <h1>
      <b>{{ level }}</b>, {{ now ? now.name : 'worked out' }}
    </h1>
    <ol v-if="shown.length" class="lines number">
      <li v-for="step in shown" :key="step.name">{{ step.said }}</li>
    </ol>
    <form v-if="now" class="sum" @submit.prevent="check">
      <label>
        <span class="number">{{ now.sum }} =</span>
        <span class="large-field"
          ><input
            :key="at"
            v-model="typed"
            inputmode="decimal"
            autocomplete="off"
            maxlength="40"
            autofocus
          /><b>{{ unitDefinition(now.unit).symbol }}</b></span
        >
      </label>
      <p v-if="misses > 0" class="said-of-answer" role="alert">
        {{ helped ? `It is ${now.said}.` : `Not yet. Work out ${now.sum} once more.` }}
      </p>
      <VBtn v-if="!helped" type="submit" color="primary" size="x-large" block>Is it right?</VBtn>
      <VBtn v-else color="primary" size="x-large" block @click="next">Go on</VBtn>
    </form>
    <VBtn v-else color="primary" size="x-large" block @click="$emit('done')">Go on</VBtn>
  </section>
</template>

<style scoped>
.lines {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 10px;
  font: 600 var(--text-display)/1.3 var(--heading);
}

.sum,
label {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

label {
  font: 600 var(--text-large) var(--heading);
}
</style>
