<script setup lang="ts">
import { useLesson } from '~/stores/lesson'

const store = useLesson()
await navigateTo(`/lessons/${store.open.id}/${store.open.stage}`, { replace: true })
</script>

<template><div /></template>
