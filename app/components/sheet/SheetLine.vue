<script setup lang="ts">
/** A line of words beside a number; a Sheet's first screen has none. */
const line = defineModel<string>({ required: true })
</script>

<template>
  <VTextField v-model="line" hide-details />
</template>
