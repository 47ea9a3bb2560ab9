<script setup lang="ts">
import { useMethod } from '~/composables/useMethod'

/** The plan's sentences for paper, so that another class could repeat the test. */
const { text } = useMethod()
</script>

<template>
  <p>{{ text }}</p>
</template>
